package nobrec.core.readiness;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.address.AddressCheck;
import nobrec.core.address.PhoneNumber;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import nobrec.core.notation.Reading;
import nobrec.core.readiness.ReadyCheck.CorrectedIn;
import nobrec.core.readiness.ReadyCheck.Subject;
import nobrec.core.workorder.InvoiceState;
import nobrec.core.workorder.RuleAct;
import nobrec.core.workorder.Ruling;
import nobrec.core.workorder.UnknownWord;

/** The ready checks that ask a job's record only: the same words on the Bench and in Needs attention. */
final class RecordChecks {

    /**
     * @param job its number
     * @param country of the ship-to
     * @param from country of the site it leaves
     * @param demandedBy who cannot do without one, in words; empty text for nobody
     */
    record PhoneToCheck(String job, String phone, String country, String from, String demandedBy) {}

    private RecordChecks() {}

    /** The house rule that demands something, in words; empty text where none does. */
    static String ruleThat(Ruling ruling, RuleAct.Kind demands) {
        return ruling.rulesThat(demands).stream()
                .findFirst()
                .map(name -> "House rule “" + name + "”")
                .orElse("");
    }

    static Optional<ReadyCheck> hold(String hold) {
        return hold.isEmpty()
                ? Optional.empty()
                : Optional.of(ReadyCheck.stop(
                        Subject.HOLD, "On hold: " + hold, "Release it here when it may go.", CorrectedIn.RECORD));
    }

    /** @param ruling of the house rules upon one job */
    static Optional<ReadyCheck> payment(Ruling ruling, InvoiceState invoice) {
        String demandedBy = ruleThat(ruling, RuleAct.Kind.DEMAND_PAYMENT);
        return demandedBy.isEmpty() || invoice.letsGo()
                ? Optional.empty()
                : Optional.of(ReadyCheck.stop(
                        Subject.PAYMENT,
                        demandedBy + " demands that its invoice is paid first: " + invoice.words() + ".",
                        "It goes on by itself when the books say so; or let it go unpaid.",
                        CorrectedIn.PAYMENT));
    }

    static Optional<ReadyCheck> words(List<UnknownWord> words) {
        if (words.isEmpty()) {
            return Optional.empty();
        }
        String said = words.stream()
                .map(each -> "the " + each.kind() + " “" + each.word() + "”")
                .collect(Collectors.joining(", "));
        return Optional.of(ReadyCheck.stop(
                Subject.WORDS,
                "Nobody has said yet what " + said + (words.size() == 1 ? " means." : " mean."),
                "Answer in Wordbook, once for all jobs.",
                CorrectedIn.WORDBOOK));
    }

    static ReadyCheck address(List<AddressCheck.Finding> findings, PlaceKind placeKind) {
        Optional<AddressCheck.Finding> worst = AddressCheck.worst(findings);
        if (worst.isEmpty()) {
            return ReadyCheck.fine(Subject.ADDRESS, "Postal code, city and state agree; a " + placeKind.words() + ".");
        }
        AddressCheck.Finding finding = worst.get();
        return finding.stops()
                ? ReadyCheck.stop(Subject.ADDRESS, finding.reason(), finding.remedy(), CorrectedIn.ADDRESS)
                : ReadyCheck.caution(Subject.ADDRESS, finding.reason(), finding.remedy(), CorrectedIn.ADDRESS);
    }

    static Optional<ReadyCheck> company(String demandedBy, PostalAddress shipTo) {
        return demandedBy.isEmpty() || !shipTo.company().isBlank()
                ? Optional.empty()
                : Optional.of(ReadyCheck.stop(
                        Subject.ADDRESS, demandedBy + " demands a company.", "Add it here.", CorrectedIn.ADDRESS));
    }

    static ReadyCheck phone(PhoneToCheck look) {
        Reading<PhoneNumber> reading = PhoneNumber.read(look.phone(), look.country());
        if (reading instanceof Reading.Read<PhoneNumber> read) {
            return ReadyCheck.fine(Subject.PHONE, read.value().shown(look.from()) + ".");
        }
        if (look.demandedBy().isEmpty()) {
            return look.phone().isBlank()
                    ? ReadyCheck.fine(Subject.PHONE, "None, and none is needed.")
                    : ReadyCheck.caution(
                            Subject.PHONE, refusal(reading), "It is left off the label.", CorrectedIn.PHONE);
        }
        String need = look.demandedBy() + " needs one.";
        return look.phone().isBlank()
                ? ReadyCheck.stop(
                        Subject.PHONE,
                        "Job " + look.job() + " has no phone number. " + need,
                        "Add it here.",
                        CorrectedIn.PHONE)
                : ReadyCheck.stop(Subject.PHONE, refusal(reading) + " " + need, "Correct it here.", CorrectedIn.PHONE);
    }

    private static String refusal(Reading<?> reading) {
        return reading instanceof Reading.Refused<?> refused ? refused.reason() : "";
    }
}
