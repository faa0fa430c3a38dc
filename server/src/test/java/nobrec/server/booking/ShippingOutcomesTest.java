package nobrec.server.booking;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.server.audit.AuditLog;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.carrier.TrackingNumbers;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.OutboxState;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.shipment.ShipmentStore;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrders;
import org.junit.jupiter.api.Test;

/** Answers a carrier's stand-in does not give. */
class ShippingOutcomesTest {

    private static final Instant NOW = Instant.parse("2026-12-01T19:05:00Z");

    private final Shipments shipments = mock();
    private final ShipmentStore store = mock();
    private final Outbox outbox = mock();
    private final AfterShipping afterShipping = mock();
    private final WorkOrders workOrders = mock();
    private final ShippingOutcomes outcomes = new ShippingOutcomes(
            shipments,
            store,
            outbox,
            workOrders,
            mock(ServiceCatalog.class),
            afterShipping,
            mock(Sites.class),
            mock(AuditLog.class));
    private final OutboxEntry booking = new OutboxEntry(
            3,
            "key",
            OutboxKind.BOOKING,
            Subject.Kind.SHIPMENT,
            7,
            "2417",
            "PLOVER",
            "",
            "{}",
            OutboxState.WAITING,
            0,
            NOW,
            "",
            NOW,
            null,
            null,
            "",
            null);

    private void shipmentIs(ShipmentState state) {
        when(outbox.waiting(OutboxKind.BOOKING, Subject.Kind.SHIPMENT, 7)).thenReturn(Optional.of(booking));
        when(shipments.lockedInOutline(7))
                .thenReturn(new Shipment(
                        7,
                        1,
                        1,
                        state,
                        Optional.empty(),
                        Set.of(),
                        Optional.empty(),
                        Optional.of("ines"),
                        Optional.empty(),
                        List.of(),
                        List.of()));
    }

    @Test
    void aRefusalOpensTheShipmentAgain() {
        shipmentIs(ShipmentState.SHIPPING);
        outcomes.settle(booking, new OutsideAnswer.Refused<>("The street is not served."));
        verify(store).reopen(7);
        verify(outbox).refused(booking, "The street is not served.");
        verifyNoInteractions(afterShipping);
    }

    @Test
    void anAnswerWithTooFewNumbersIsNoAnswer() {
        shipmentIs(ShipmentState.SHIPPING);
        outcomes.settle(booking, new OutsideAnswer.Accepted<>(new TrackingNumbers(Map.of(1, "PV1", 2, "PV2"))));
        verify(outbox).putOff(eq(booking), anyString());
        verify(store, never()).markShipped(anyLong(), any());
    }

    @Test
    void anAnswerThatComesTwiceIsStoredOnce() {
        shipmentIs(ShipmentState.SHIPPED);
        outcomes.settle(booking, new OutsideAnswer.Accepted<>(new TrackingNumbers(Map.of())));
        verifyNoInteractions(store, outbox, afterShipping);
    }
}
