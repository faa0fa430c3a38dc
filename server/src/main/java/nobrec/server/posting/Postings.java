package nobrec.server.posting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nobrec.core.books.AccountRules;
import nobrec.server.booking.ShipmentShipped;
import nobrec.server.books.JournalBook;
import nobrec.server.connection.Connections;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.platform.outbox.NewEntry;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.site.Sites;
import nobrec.server.telling.GoneShipment;
import org.joda.money.Money;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Turns a shipment that has gone into its write-backs, in the same transaction. */
@Component
class Postings {

    private final Outbox outbox;
    private final JsonMapper json;
    private final JournalBook journal;
    private final Sites sites;
    private final InvoiceOfJob otherInvoices;

    Postings(Outbox outbox, JsonMapper json, JournalBook journal, Sites sites, InvoiceOfJob otherInvoices) {
        this.otherInvoices = otherInvoices;
        this.outbox = outbox;
        this.json = json;
        this.journal = journal;
        this.sites = sites;
    }

    @EventListener
    void on(ShipmentShipped shipped) {
        String tracking = String.join(", ", shipped.trackingNumbers());
        List<NewEntry> postings = new ArrayList<>();
        invoiceOf(shipped)
                .ifPresent(job -> postings.add(posting(shipped, job, OutboxKind.INVOICE, invoice(shipped, tracking))));
        if (shipped.terms().isOurCost()) {
            postings.add(posting(shipped, shipped.job(), OutboxKind.JOURNAL, journal(shipped)));
        }
        outbox.add(postings);
    }

    /** One that the books do not know stands on the invoice of another one, if the customer pays for it. */
    private Optional<String> invoiceOf(ShipmentShipped shipped) {
        if (shipped.recorded().contains(shipped.job())) {
            return Optional.of(shipped.job());
        }
        return shipped.customerCharge().isPositive() ? otherInvoices.invoiceOf(shipped.job()) : Optional.empty();
    }

    /** What is written, and how a person would say it. */
    private record Draft(String summary, Object body, Money amount) {}

    private static Draft invoice(ShipmentShipped shipped, String tracking) {
        String amount = ShopMoney.show(shipped.customerCharge());
        String description = "Freight, " + shipped.serviceName()
                + (shipped.terms().isBilled() ? "" : ", " + shipped.terms().words());
        return new Draft(
                "Freight line " + amount + ", tracking " + tracking + ", shipped " + shipped.shipDate(),
                new FreightLine(description, amount, tracking, shipped.shipDate()),
                shipped.customerCharge());
    }

    private Draft journal(ShipmentShipped shipped) {
        GoneShipment gone = shipped.gone();
        FreightEntry entry = FreightEntry.of(journal.accrue(new JournalBook.Freight(
                Subject.shipment(shipped.shipmentId(), shipped.job()),
                shipped.shipDate(),
                "Freight of job " + shipped.job() + ", " + shipped.serviceName(),
                shipped.freightCost(),
                new AccountRules.Booked(
                        gone.service().carrier().code(),
                        sites.byId(gone.shipment().siteId()).code(),
                        shipped.customer(),
                        shipped.terms()))));
        return new Draft(entry.summary(), entry, shipped.freightCost());
    }

    private NewEntry posting(ShipmentShipped shipped, String job, OutboxKind kind, Draft draft) {
        return new NewEntry(
                        kind,
                        Subject.shipment(shipped.shipmentId(), job),
                        Connections.BOOKS,
                        draft.summary(),
                        json.writeValueAsString(draft.body()))
                .worth(draft.amount());
    }
}
