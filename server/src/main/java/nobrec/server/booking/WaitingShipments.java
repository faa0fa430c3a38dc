package nobrec.server.booking;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.Age;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.OutboxState;
import nobrec.server.platform.outbox.Subject;
import org.springframework.stereotype.Service;

/** Shipments whose carrier has not answered, and those that wait for what follows. */
@Service
public class WaitingShipments {

    private static final int MAX = 50;

    /** An act that is waited for that long is worth a line of its own. */
    private static final Duration AT_ONCE = Duration.ofSeconds(10);

    /** A booking, or a void, without a certain answer. */
    public record Waiting(long shipmentId, String job, String reason, String remedy) {}

    /** Something that follows on a shipment and did not come to an end yet. */
    public record Following(String job, String what, String reason) {}

    private final Outbox outbox;
    private final ServiceCatalog catalog;
    private final Clock clock;

    WaitingShipments(Outbox outbox, ServiceCatalog catalog, Clock clock) {
        this.outbox = outbox;
        this.catalog = catalog;
        this.clock = clock;
    }

    /** The oldest first, each with its age. */
    public List<Waiting> all() {
        return outbox.waiting(Set.of(OutboxKind.BOOKING, OutboxKind.VOID), MAX).stream()
                .filter(each -> !each.answer().isEmpty() || age(each.madeAt()).compareTo(AT_ONCE) > 0)
                .map(each -> new Waiting(each.subjectId(), each.subjectName(), reason(each), remedy(each)))
                .toList();
    }

    private static String remedy(OutboxEntry entry) {
        return entry.kind() == OutboxKind.VOID
                ? "It is asked again by itself; until it answers the shipment counts."
                : "It is asked again by itself, and shipped once only.";
    }

    private String reason(OutboxEntry booking) {
        String asked = booking.kind() == OutboxKind.VOID ? ", asked to void it," : "";
        String waits = catalog.carrier(booking.target()).name() + asked + " has not answered for "
                + Age.words(age(booking.madeAt())) + ".";
        return booking.answer().isEmpty() ? waits : waits + " " + booking.answer();
    }

    public List<Following> following() {
        return outbox.waiting(AfterShipping.KINDS, MAX).stream()
                .filter(each -> !each.answer().isEmpty())
                .map(each -> new Following(
                        each.subjectName(),
                        words(each),
                        "Not done for " + Age.words(age(each.madeAt())) + ". " + each.answer()))
                .toList();
    }

    private static String words(OutboxEntry followUp) {
        return followUp.kind() == OutboxKind.PAPERS ? "Its label and slip" : "Its postings";
    }

    /** Why a shipment is not through yet; empty when it is, or was never begun. */
    public Optional<String> reasonOf(Shipment shipment) {
        if (shipment.state() == ShipmentState.OPEN) {
            return Optional.empty();
        }
        List<OutboxEntry> waiting = outbox.of(Subject.Kind.SHIPMENT, shipment.id()).stream()
                .filter(each -> each.state() == OutboxState.WAITING)
                .toList();
        return shipment.state() == ShipmentState.SHIPPING
                ? waiting.stream()
                        .filter(each -> each.kind() == OutboxKind.BOOKING)
                        .findFirst()
                        .map(WaitingShipments::carrierAsked)
                : waiting.stream()
                        .filter(each -> AfterShipping.KINDS.contains(each.kind()))
                        .findFirst()
                        .map(WaitingShipments::notDoneYet);
    }

    private static String carrierAsked(OutboxEntry booking) {
        return booking.answer().isEmpty()
                ? "The carrier is being asked."
                : booking.answer() + " It is asked again by itself; it will be shipped once only.";
    }

    private static String notDoneYet(OutboxEntry followUp) {
        return words(followUp) + " are not done yet. "
                + (followUp.answer().isEmpty() ? "They come in a moment." : followUp.answer());
    }

    /** Why the carrier refused a shipment that is open again. */
    public Optional<String> refusalOf(Shipment shipment) {
        return shipment.state() == ShipmentState.OPEN
                ? outbox.of(Subject.Kind.SHIPMENT, shipment.id()).stream()
                        .filter(each -> each.kind() == OutboxKind.BOOKING && each.state() == OutboxState.FAILED)
                        .max(Comparator.comparing(OutboxEntry::id))
                        .map(OutboxEntry::answer)
                : Optional.empty();
    }

    private Duration age(Instant since) {
        return Duration.between(since, clock.instant());
    }
}
