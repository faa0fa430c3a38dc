package nobrec.server.voiding;

import java.util.Set;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.Carrier;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxHandler;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.server.platform.outbox.Subject;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** The act of making void: intent, call, answer. What a crash or silence leaves open, the outbox finishes. */
@Service
public class Voiding implements OutboxHandler {

    private static final Logger LOG = LoggerFactory.getLogger(Voiding.class);

    private final VoidIntents intents;
    private final VoidOutcomes outcomes;
    private final CarrierGateway gateway;
    private final ServiceCatalog catalog;
    private final OutboxWorker worker;
    private final JsonMapper json;

    Voiding(
            VoidIntents intents,
            VoidOutcomes outcomes,
            CarrierGateway gateway,
            ServiceCatalog catalog,
            OutboxWorker worker,
            JsonMapper json) {
        this.intents = intents;
        this.outcomes = outcomes;
        this.gateway = gateway;
        this.catalog = catalog;
        this.worker = worker;
        this.json = json;
    }

    /** Makes void, or leaves it waiting for the carrier's answer when none comes in time. */
    public void makeVoid(long shipmentId, String signIn) {
        carryOutNow(intents.begin(shipmentId, signIn));
    }

    /** The same for one of its packages. */
    public void makePackageVoid(long shipmentId, int number, String signIn) {
        carryOutNow(intents.beginPackage(shipmentId, number, signIn));
    }

    private void carryOutNow(OutboxEntry entry) {
        OutsideAnswer<String> answer;
        try {
            answer = carryOutOnce(entry);
        } catch (RuntimeException failed) {
            LOG.error(
                    "{} of {} was begun and not finished; it goes on by itself", entry.kind(), entry.subject(), failed);
            return;
        }
        if (answer instanceof OutsideAnswer.Refused<String> refused) {
            throw Refusal.unusable(
                    catalog.carrier(entry.target()).name(),
                    "It refused to void it: " + refused.reason(),
                    "The shipment counts. Speak with the carrier.");
        }
    }

    /** Whether its carrier is asked to void it and has not answered for certain; for whoever has locked it. */
    public boolean isAsked(long shipmentId) {
        return outcomes.waiting(shipmentId).isPresent();
    }

    /** Asks now, whenever its time would come. */
    public void askNow(long shipmentId) {
        outcomes.waiting(shipmentId).ifPresent(each -> gateway.callAllTheSame(catalog.carrier(each.target())));
        worker.runNow(OutboxKind.VOID, Subject.Kind.SHIPMENT, shipmentId);
    }

    @Override
    public Set<OutboxKind> kinds() {
        return Set.of(OutboxKind.VOID);
    }

    @Override
    public void carryOut(OutboxEntry entry) {
        carryOutOnce(entry);
    }

    private OutsideAnswer<String> carryOutOnce(OutboxEntry entry) {
        Carrier carrier = catalog.carrier(entry.target());
        VoidRequest request = json.readValue(entry.request(), VoidRequest.class);
        Integer packageNumber = request.packageNumber();
        OutsideAnswer<String> answer = packageNumber == null
                ? gateway.makeVoid(carrier, entry.entryKey(), request.bookingKey())
                : gateway.makeVoid(carrier, entry.entryKey(), request.bookingKey(), packageNumber);
        if (answer instanceof OutsideAnswer.NotFound<String>) {
            answer = new OutsideAnswer.Refused<>("It has no such consignment.");
        }
        if (outcomes.settle(entry, request, answer)) {
            worker.start();
        }
        return answer;
    }
}
