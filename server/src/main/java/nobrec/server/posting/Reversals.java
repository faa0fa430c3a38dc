package nobrec.server.posting;

import java.util.List;
import java.util.Objects;
import nobrec.server.books.JournalBook;
import nobrec.server.platform.outbox.NewEntry;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.voiding.ShipmentVoided;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Turns a shipment that is void into the entries that reverse its write-backs, in the same transaction. */
@Component
class Reversals {

    private final Outbox outbox;
    private final JsonMapper json;
    private final JournalBook journal;

    Reversals(Outbox outbox, JsonMapper json, JournalBook journal) {
        this.journal = journal;
        this.outbox = outbox;
        this.json = json;
    }

    @EventListener
    void on(ShipmentVoided voided) {
        journal.takeBack(Subject.Kind.SHIPMENT, voided.shipmentId(), voided.day());
        List<NewEntry> reversals =
                outbox.notReversed(PostingKinds.REVERSALS.keySet(), Subject.Kind.SHIPMENT, voided.shipmentId()).stream()
                        .map(posting -> reversal(posting, voided))
                        .toList();
        if (!reversals.isEmpty()) {
            outbox.add(reversals);
        }
    }

    private NewEntry reversal(OutboxEntry posting, ShipmentVoided voided) {
        return new NewEntry(
                        Objects.requireNonNull(PostingKinds.REVERSALS.get(posting.kind())),
                        posting.subject(),
                        posting.target(),
                        "Reverses: " + posting.summary(),
                        request(posting, voided),
                        posting.id())
                .worth(posting.amount());
    }

    private String request(OutboxEntry posting, ShipmentVoided voided) {
        return switch (posting.kind()) {
            case INVOICE -> posting.entryKey();
            case JOURNAL ->
                json.writeValueAsString(
                        json.readValue(posting.request(), FreightEntry.class).reversed(voided.day()));
            default -> throw new IllegalStateException(posting.kind() + " is no posting that can be reversed.");
        };
    }
}
