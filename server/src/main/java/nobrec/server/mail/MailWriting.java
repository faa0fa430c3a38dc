package nobrec.server.mail;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import nobrec.core.mail.MailAddress;
import nobrec.core.rule.ConditionOutcome;
import nobrec.core.telling.FactSheet;
import nobrec.core.telling.Moment;
import nobrec.core.telling.TellingFact;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.Shortened;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import nobrec.server.telling.FactSheets;
import nobrec.server.telling.GoneShipment;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Component;

/** Writes the mails of a rule: one to each address, however many jobs of the shipment name it. */
@Component
class MailWriting {

    private static final int LONGEST_SUBJECT = 200;
    private static final MailAddress NOBODY = new MailAddress("nobody@customer.example");

    private final FactSheets sheets;
    private final WorkOrders workOrders;
    private final Shipments shipments;
    private final MailStops stops;
    private final Sites sites;
    private final NobrecSettings settings;

    MailWriting(
            FactSheets sheets,
            WorkOrders workOrders,
            Shipments shipments,
            MailStops stops,
            Sites sites,
            NobrecSettings settings) {
        this.sheets = sheets;
        this.workOrders = workOrders;
        this.shipments = shipments;
        this.stops = stops;
        this.sites = sites;
        this.settings = settings;
    }

    /**
     * What a rule says of a shipment.
     *
     * @param stopped addresses that want no more
     * @param why it is not written, in words; empty text where it is
     */
    record Written(List<MailRequest> mails, List<String> stopped, String why) {}

    /**
     * @param gone nothing for what has not left, or not any more
     * @param ofMoment facts that are known at the moment only
     */
    Written write(
            MailRules.CountingRule rule,
            List<WorkOrder> jobs,
            Optional<GoneShipment> gone,
            Map<TellingFact, String> ofMoment) {
        Map<MailAddress, WorkOrder> byAddress = new LinkedHashMap<>();
        String why = "";
        for (WorkOrder job : jobs) {
            WorkOrder recorded = workOrders.recorded(job.id());
            ConditionOutcome outcome = ConditionOutcome.of(rule.condition(), recorded, sites.today(), settings.units());
            if (outcome.holds()) {
                addresses(rule, job).forEach(address -> byAddress.putIfAbsent(address, job));
            } else {
                why = outcome.why();
            }
        }
        Set<String> unwanted = rule.document().colleagues() ? Set.of() : stops.of(byAddress.keySet());
        List<MailRequest> mails = new ArrayList<>();
        List<String> stopped = new ArrayList<>();
        byAddress.forEach((address, job) -> {
            if (unwanted.contains(address.plain())) {
                stopped.add(address.text());
            } else {
                mails.add(mail(rule, address, sheet(gone, job, rule.document().moment(), ofMoment)));
            }
        });
        return new Written(mails, stopped, mails.isEmpty() && why.isEmpty() ? noAddress(rule, stopped) : why);
    }

    private static String noAddress(MailRules.CountingRule rule, List<String> stopped) {
        return stopped.isEmpty()
                ? "No job of it has a usable address" + (rule.document().toJob() ? " in its field E-mail." : ".")
                : "Whoever it would go to wants no more of them.";
    }

    private static List<MailAddress> addresses(MailRules.CountingRule rule, WorkOrder job) {
        List<MailAddress> all = new ArrayList<>();
        if (rule.document().toJob()) {
            all.addAll(MailAddress.readAll(job.mail()));
        }
        if (!rule.document().toField().isBlank()) {
            all.addAll(MailAddress.readAll(job.particulars()
                    .custom()
                    .getOrDefault(rule.document().toField().strip(), "")));
        }
        all.addAll(rule.fixed());
        return all;
    }

    private FactSheet sheet(
            Optional<GoneShipment> gone, WorkOrder job, Moment moment, Map<TellingFact, String> ofMoment) {
        FactSheet sheet = gone.map(left -> sheets.of(left, job, moment)).orElseGet(() -> sheets.ofJob(job, moment));
        for (Map.Entry<TellingFact, String> each : ofMoment.entrySet()) {
            sheet = sheet.with(each.getKey(), each.getValue());
        }
        return sheet;
    }

    private static MailRequest mail(MailRules.CountingRule rule, MailAddress address, FactSheet sheet) {
        MailRuleDocument document = rule.document();
        return new MailRequest(
                document.name(),
                address.text(),
                Shortened.to(LONGEST_SUBJECT, oneLine(rule.subject().write(sheet, UnaryOperator.identity()))),
                rule.body().write(sheet, UnaryOperator.identity()),
                document.colleagues(),
                document.papers(),
                document.files());
    }

    /** Whatever a record holds, it makes no second line in the head of a mail. */
    private static String oneLine(String text) {
        return text.replaceAll("\\p{Cntrl}+", " ").strip();
    }

    /** To somebody made up, where a rule would write to nobody. */
    MailRequest sample(
            MailRules.CountingRule rule,
            WorkOrder job,
            Optional<GoneShipment> gone,
            Map<TellingFact, String> ofMoment) {
        return mail(rule, NOBODY, sheet(gone, job, rule.document().moment(), ofMoment));
    }

    GoneShipment gone(long shipmentId) {
        return sheets.load(shipmentId);
    }

    /** The newest shipment of a job that has left. */
    Optional<GoneShipment> goneOf(WorkOrder job) {
        return shipments.of(job).stream()
                .filter(each -> each.outcome().isPresent())
                .findFirst()
                .map(each -> sheets.load(each.id()));
    }
}
