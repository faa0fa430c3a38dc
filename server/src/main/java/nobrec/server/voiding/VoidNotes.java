package nobrec.server.voiding;

import java.util.Comparator;
import java.util.Optional;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.server.account.Accounts;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.shipment.Shipments;
import nobrec.server.shipment.ShopTime;
import nobrec.server.shipment.VoidedRow;
import nobrec.server.site.Sites;
import org.springframework.stereotype.Component;

/** What there is to say of a shipment's voids, in words. */
@Component
public class VoidNotes {

    /**
     * @param text what is known
     * @param awaited whether the carrier's answer is waited for
     */
    public record Note(String text, boolean awaited) {}

    private final Shipments shipments;
    private final ServiceCatalog catalog;
    private final Sites sites;
    private final Accounts accounts;
    private final Outbox outbox;

    VoidNotes(Shipments shipments, ServiceCatalog catalog, Sites sites, Accounts accounts, Outbox outbox) {
        this.shipments = shipments;
        this.catalog = catalog;
        this.sites = sites;
        this.accounts = accounts;
        this.outbox = outbox;
    }

    /** That it is asked for or was refused, where it has gone; what it was, where it is open again. */
    public Optional<Note> of(Shipment shipment) {
        return shipment.state() == ShipmentState.SHIPPED
                ? newest(shipment.id()).flatMap(this::ofAsked)
                : shipments.voidedOf(shipment.id()).stream().findFirst().map(row -> ofVoided(row, shipment));
    }

    private Optional<OutboxEntry> newest(long shipmentId) {
        return outbox.of(Subject.Kind.SHIPMENT, shipmentId).stream()
                .filter(each -> each.kind() == OutboxKind.VOID)
                .max(Comparator.comparing(OutboxEntry::id));
    }

    private Optional<Note> ofAsked(OutboxEntry entry) {
        String carrier = catalog.carrier(entry.target()).name();
        return switch (entry.state()) {
            case WAITING ->
                Optional.of(new Note(
                        carrier + " is asked to void it. "
                                + (entry.answer().isEmpty() ? "" : entry.answer() + " It is asked again by itself. ")
                                + "Until it answers the shipment counts.",
                        true));
            case FAILED ->
                Optional.of(
                        new Note(carrier + " refused to void it: " + entry.answer() + " The shipment counts.", false));
            case DONE, REVERSED -> Optional.empty();
        };
    }

    private Note ofVoided(VoidedRow row, Shipment shipment) {
        return new Note(
                accounts.displayName(row.voidedBy()) + " voided it on "
                        + ShopTime.show(row.voidedAt(), sites.byId(shipment.siteId())) + ": "
                        + catalog.service(row.serviceCode()).name() + ", " + row.trackingNumbers()
                        + ". Throw that label away.",
                false);
    }
}
