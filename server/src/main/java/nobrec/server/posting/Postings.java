package nobrec.server.posting;

import java.util.ArrayList;
import java.util.List;
import nobrec.core.books.FreightAccrual;
import nobrec.core.books.JournalEntry;
import nobrec.server.booking.ShipmentShipped;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.platform.outbox.NewEntry;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.Subject;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Turns a shipment that has gone into its write-backs, in the same transaction. */
@Component
class Postings {

    private final Outbox outbox;
    private final JsonMapper json;
    private final FreightAccrual accrual;

    Postings(Outbox outbox, JsonMapper json, NobrecSettings settings) {
        this.outbox = outbox;
        this.json = json;
        this.accrual = new FreightAccrual(
                settings.accounts().freightExpense(), settings.accounts().freightLiability());
    }

    @EventListener
    void on(ShipmentShipped shipped) {
        String tracking = String.join(", ", shipped.trackingNumbers());
        List<NewEntry> postings = new ArrayList<>();
        if (shipped.recorded().contains(shipped.job())) {
            postings.add(posting(shipped, shipped.job(), OutboxKind.INVOICE, invoice(shipped, tracking)));
        }
        shipped.recorded()
                .forEach(job -> postings.add(posting(shipped, job, OutboxKind.SOURCE, source(shipped, job, tracking))));
        if (shipped.terms().isOurCost()) {
            postings.add(posting(shipped, shipped.job(), OutboxKind.JOURNAL, journal(shipped)));
        }
        outbox.add(postings);
    }

    /** What is written, and how a person would say it. */
    private record Draft(String summary, Object body) {}

    private static Draft invoice(ShipmentShipped shipped, String tracking) {
        String amount = ShopMoney.show(shipped.customerCharge());
        String description = "Freight, " + shipped.serviceName()
                + (shipped.terms().isBilled() ? "" : ", " + shipped.terms().words());
        return new Draft(
                "Freight line " + amount + ", tracking " + tracking + ", shipped " + shipped.shipDate(),
                new FreightLine(description, amount, tracking, shipped.shipDate()));
    }

    private static Draft source(ShipmentShipped shipped, String job, String tracking) {
        return new Draft(
                "Shipped by " + shipped.serviceName() + ", tracking " + tracking,
                new ShippingReport(
                        "shipped", shipped.carrierName(), shipped.serviceName(), tracking, shipped.shipDate()));
    }

    private Draft journal(ShipmentShipped shipped) {
        JournalEntry entry = accrual.entry(
                shipped.shipDate(),
                "Freight of job " + shipped.job() + ", " + shipped.serviceName(),
                shipped.freightCost());
        List<FreightEntry.Line> lines = entry.lines().stream()
                .map(line -> new FreightEntry.Line(line.account(), line.side().name(), ShopMoney.show(line.amount())))
                .toList();
        String amount = ShopMoney.show(shipped.freightCost());
        return new Draft(
                "Debit " + entry.lines().get(0).account() + " " + amount + ", credit "
                        + entry.lines().get(1).account() + " " + amount,
                new FreightEntry(entry.date(), entry.description(), lines));
    }

    private NewEntry posting(ShipmentShipped shipped, String job, OutboxKind kind, Draft draft) {
        return new NewEntry(
                kind,
                Subject.shipment(shipped.shipmentId(), job),
                PostingKinds.target(kind),
                draft.summary(),
                json.writeValueAsString(draft.body()));
    }
}
