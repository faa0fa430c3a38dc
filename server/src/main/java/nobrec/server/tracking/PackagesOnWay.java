package nobrec.server.tracking;

import java.time.OffsetDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nobrec.core.tracking.Track;
import nobrec.server.tracking.TrackView.EventView;
import org.springframework.stereotype.Component;

/** The packages of a shipment as their receiver may see them: where they are, not what was done about them. */
@Component
public class PackagesOnWay {

    private final TrackMapper mapper;
    private final TrackViews views;

    PackagesOnWay(TrackMapper mapper, TrackViews views) {
        this.mapper = mapper;
        this.views = views;
    }

    public List<PackageOnWay> of(long shipmentId) {
        return views.of(mapper.ofShipment(shipmentId)).stream()
                .map(PackagesOnWay::seen)
                .toList();
    }

    private static PackageOnWay seen(TrackView view) {
        return new PackageOnWay(
                view.trackingNumber(),
                view.carrier(),
                view.service(),
                view.stateWords(),
                view.state() == Track.State.DELIVERED,
                view.state().isLast() ? Optional.empty() : view.forecast(),
                view.events().stream()
                        .sorted(Comparator.comparing((EventView each) -> OffsetDateTime.parse(each.at()))
                                .reversed())
                        .map(each ->
                                new PackageOnWay.Event(OffsetDateTime.parse(each.at()), each.words(), each.place()))
                        .toList());
    }
}
