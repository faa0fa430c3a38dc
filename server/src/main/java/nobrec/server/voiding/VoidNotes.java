package nobrec.server.voiding;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
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
import tools.jackson.databind.json.JsonMapper;

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
    private final JsonMapper json;

    VoidNotes(
            Shipments shipments,
            ServiceCatalog catalog,
            Sites sites,
            Accounts accounts,
            Outbox outbox,
            JsonMapper json) {
        this.shipments = shipments;
        this.catalog = catalog;
        this.sites = sites;
        this.accounts = accounts;
        this.outbox = outbox;
        this.json = json;
    }

    /** That it is asked for or was refused, where it has gone; what it was, where it is open again. */
    public Optional<Note> of(Shipment shipment) {
        return shipment.state() == ShipmentState.SHIPPED
                ? newest(shipment.id()).flatMap(entry -> ofAsked(entry).or(() -> takenOut(shipment)))
                : shipments.voidedOf(shipment.id()).stream().findFirst().map(row -> ofVoided(row, shipment));
    }

    /** Of one that has gone since without some of its packages. */
    private Optional<Note> takenOut(Shipment shipment) {
        List<VoidedRow> rows = shipments.voidedOf(shipment.id()).stream()
                .filter(row -> row.packageNumber() != null && row.shipmentId() == shipment.id())
                .filter(row ->
                        row.shippedAt().equals(shipment.outcome().orElseThrow().shippedAt()))
                .toList();
        return rows.isEmpty()
                ? Optional.empty()
                : Optional.of(new Note(
                        rows.stream().map(row -> ofVoided(row, shipment).text()).collect(Collectors.joining(" "))
                                + " What was in it stands on the bench: open the job again to ship it.",
                        false));
    }

    private Optional<OutboxEntry> newest(long shipmentId) {
        return outbox.of(Subject.Kind.SHIPMENT, shipmentId).stream()
                .filter(each -> each.kind() == OutboxKind.VOID)
                .max(Comparator.comparing(OutboxEntry::id));
    }

    private Optional<Note> ofAsked(OutboxEntry entry) {
        String carrier = catalog.carrier(entry.target()).name();
        Integer number = json.readValue(entry.request(), VoidRequest.class).packageNumber();
        String what = number == null ? "it" : "package " + number;
        return switch (entry.state()) {
            case WAITING ->
                Optional.of(new Note(
                        carrier + " is asked to void " + what + ". "
                                + (entry.answer().isEmpty() ? "" : entry.answer() + " It is asked again by itself. ")
                                + "Until it answers the shipment counts.",
                        true));
            case FAILED ->
                Optional.of(new Note(
                        carrier + " refused to void " + what + ": " + entry.answer() + " The shipment counts.", false));
            case DONE, REVERSED, SET_ASIDE -> Optional.empty();
        };
    }

    private Note ofVoided(VoidedRow row, Shipment shipment) {
        String what = row.packageNumber() == null ? "it" : "package " + row.packageNumber();
        String rest = row.shipmentId() == shipment.id() ? "" : " The other packages have gone.";
        return new Note(
                accounts.displayName(row.voidedBy()) + " voided " + what + " on "
                        + ShopTime.show(row.voidedAt(), sites.byId(shipment.siteId())) + ": "
                        + catalog.service(row.serviceCode()).name() + ", " + row.trackingNumbers()
                        + ". Throw that label away." + rest,
                false);
    }
}
