package nobrec.core.readiness;

import java.util.Optional;
import nobrec.core.customs.CustomsProblem;
import nobrec.core.partner.PartnerProblem;
import nobrec.core.readiness.ReadyCheck.CorrectedIn;
import nobrec.core.readiness.ReadyCheck.Subject;
import nobrec.core.readiness.ReadyChecks.CustomsState;
import nobrec.core.readiness.ReadyChecks.PartnerState;

/** What others demand before something is sent: customs, and customers that are partners. */
final class OutsideChecks {

    private OutsideChecks() {}

    /** The worst of what customs would ask, and how much more there is. */
    static ReadyCheck customs(CustomsState customs) {
        Optional<CustomsProblem> worst = customs.problems().stream()
                .filter(CustomsProblem::stops)
                .findFirst()
                .or(() -> customs.problems().stream().findFirst());
        if (worst.isEmpty()) {
            return ReadyCheck.fine(Subject.CUSTOMS, customs.summary());
        }
        CustomsProblem problem = worst.get();
        String reason = problem.reason() + more(customs.problems().size() - 1);
        return problem.stops()
                ? ReadyCheck.stop(Subject.CUSTOMS, reason, problem.remedy(), CorrectedIn.CUSTOMS)
                : ReadyCheck.caution(Subject.CUSTOMS, reason, problem.remedy(), CorrectedIn.CUSTOMS);
    }

    static ReadyCheck partner(PartnerState partner) {
        if (partner.problems().isEmpty()) {
            return ReadyCheck.fine(Subject.PARTNER, partner.summary());
        }
        PartnerProblem first = partner.problems().get(0);
        return ReadyCheck.stop(
                Subject.PARTNER,
                first.reason() + more(partner.problems().size() - 1),
                first.remedy(),
                CorrectedIn.JOB_PAGE);
    }

    private static String more(int more) {
        return more > 0 ? " And " + more + " more." : "";
    }
}
