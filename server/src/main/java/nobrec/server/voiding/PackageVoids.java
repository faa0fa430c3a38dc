package nobrec.server.voiding;

import nobrec.core.refusal.Refusal;
import nobrec.core.service.Carrier;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.PackageSplit;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.Consignment;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.document.Papers;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.pricing.GoneCharges;
import nobrec.server.shipment.ShipmentStore;
import nobrec.server.shipment.Shipments;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** One package of a shipment that has gone: whether it can be voided alone, and what becomes of it and of the rest. */
@Component
public class PackageVoids {

    private final Shipments shipments;
    private final ShipmentStore store;
    private final Papers papers;
    private final GoneCharges charges;
    private final CarrierGateway gateway;
    private final ServiceCatalog catalog;
    private final JsonMapper json;

    PackageVoids(
            Shipments shipments,
            ShipmentStore store,
            Papers papers,
            GoneCharges charges,
            CarrierGateway gateway,
            ServiceCatalog catalog,
            JsonMapper json) {
        this.shipments = shipments;
        this.store = store;
        this.papers = papers;
        this.charges = charges;
        this.gateway = gateway;
        this.catalog = catalog;
        this.json = json;
    }

    /** Whether there is one to be voided alone, and its carrier knows that. */
    public boolean arePossible(Shipment shipment) {
        return shipment.state() == ShipmentState.SHIPPED
                && shipment.packages().size() > 1
                && gateway.voidsPackages(
                        catalog.service(shipment.outcome().orElseThrow().serviceCode())
                                .carrier());
    }

    /**
     * The shipment as those see it who say whether a package may be voided: with that one only.
     *
     * @throws Refusal when it cannot be voided alone
     */
    Shipment alone(Shipment shipment, OutboxEntry booking, int number) {
        Jobs jobs = shipments.jobs(shipment);
        PackageSplit split = PackageSplit.of(shipment, jobs, number);
        Carrier carrier = catalog.carrier(booking.target());
        if (!gateway.voidsPackages(carrier)) {
            throw Refusal.unusable(
                    carrier.name(), "It voids whole shipments only.", "Void the shipment, and ship the others again.");
        }
        String quote = json.readValue(booking.request(), Consignment.class).quote();
        if (quote != null && !quote.isEmpty()) {
            throw Refusal.unusable(
                    "Package " + number,
                    "The shipment went by the carrier's quote " + quote + ", which is for all of it.",
                    "Void the shipment, and ship the others again.");
        }
        charges.of(split.rest(), jobs);
        return split.alone(shipment);
    }

    /** It is void, and its pieces are here again: the package comes out, and the rest costs what it costs alone. */
    void takeOut(Shipment shipment, PackageSplit split, Jobs jobs, String askedBy) {
        GoneCharges.Priced priced = charges.of(split.rest(), jobs);
        long voided = store.takeOutVoided(shipment, split, priced.terms(), priced.lines(), askedBy);
        papers.markPackageVoid(
                Subject.Kind.SHIPMENT, shipment.id(), split.taken().number(), voided);
    }
}
