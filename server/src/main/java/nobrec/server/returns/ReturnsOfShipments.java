package nobrec.server.returns;

import java.util.List;
import java.util.Optional;
import nobrec.core.refusal.Refusal;
import nobrec.core.returns.ReturnState;
import nobrec.core.shipment.Shipment;
import nobrec.server.site.Sites;
import nobrec.server.voiding.VoidObstacle;
import org.springframework.stereotype.Component;

/** What others need to know of returns: that a shipment has some, which label is one, how many are overdue. */
@Component
public class ReturnsOfShipments implements VoidObstacle {

    /** What came back had left, and what may come back is to be called off first. */
    private static final List<ReturnState> KEEP_FROM_VOID = List.of(
            ReturnState.ASKED,
            ReturnState.EXPECTED,
            ReturnState.ON_THE_WAY,
            ReturnState.CALLING_OFF,
            ReturnState.RECEIVED);

    private static final int COUNTED = 1_000;

    /** A label for the way back. */
    public record Labeled(long id, String job) {}

    private final ReturnMapper mapper;
    private final Sites sites;

    ReturnsOfShipments(ReturnMapper mapper, Sites sites) {
        this.mapper = mapper;
        this.sites = sites;
    }

    @Override
    public Optional<Refusal> obstacle(Shipment shipment, String job) {
        return mapper.hasReturn(shipment.id(), KEEP_FROM_VOID)
                ? Optional.of(Refusal.conflict(
                        "Job " + job,
                        "A return of it is awaited, or came.",
                        "Call off what is awaited first, on Returns."))
                : Optional.empty();
    }

    public Optional<Labeled> byTrackingNumber(String trackingNumber) {
        return mapper.byTrackingNumber(trackingNumber).map(row -> new Labeled(row.id(), row.job()));
    }

    /** Awaited ones that should be here by now, counted no further than a thousand. */
    public int overdue() {
        return mapper.count(ReturnLook.OVERDUE.states(), sites.today(), COUNTED);
    }
}
