package nobrec.server.workorder;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.place.Places;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which place each job goes to, and what went to each place. */
@Service
public class JobPlaces {

    private final WorkOrderMapper mapper;
    private final Places places;
    private final ObjectProvider<ChangedOrders> changes;

    JobPlaces(WorkOrderMapper mapper, Places places, ObjectProvider<ChangedOrders> changes) {
        this.mapper = mapper;
        this.places = places;
        this.changes = changes;
    }

    /** Finds the place of a job whose ship-to may have changed; its row is locked. What the shop said stands there counts for it. */
    void settle(WorkOrder recorded) {
        Optional<Places.Recognized> place =
                Optional.ofNullable(places.recognize(shipTos(recorded)).get(recorded.shipTo()));
        Long id = place.map(Places.Recognized::id).orElse(null);
        Long before = mapper.placeOf(recorded.id());
        if (recorded.status() != WorkOrderStatus.SHIPPED && !Objects.equals(id, before)) {
            // What was said of the place that it went to before says nothing of this one.
            Optional<PlaceKind> said = before == null ? recorded.saidPlaceKind() : Optional.empty();
            mapper.updatePlace(
                    recorded.id(),
                    id,
                    place.flatMap(Places.Recognized::saidKind).or(() -> said).orElse(null));
        }
    }

    private static List<PostalAddress> shipTos(WorkOrder job) {
        return Stream.concat(Stream.of(job.shipTo()), job.lines().stream().flatMap(line -> line.shipTo().stream()))
                .toList();
    }

    /** Those that came in before places were kept, or go to nobody. */
    List<Long> withoutPlace(Collection<Long> ids) {
        return mapper.withoutPlace(ids);
    }

    /** What stands there counts for everything that has not left yet. */
    @Transactional
    public void kindSaid(long place, Optional<PlaceKind> kind) {
        for (long id : mapper.openAt(place)) {
            mapper.lock(id);
            mapper.updatePlace(id, place, kind.orElse(null));
            changes.getObject().of(id);
        }
    }

    /** Numbers of other jobs that go where one goes and wait for nothing, those promised first. */
    public List<String> goingThereToo(long workOrderId, int limit) {
        return mapper.goingThereToo(workOrderId, limit);
    }

    /** Numbers of other jobs that go where one goes and cannot go yet, those promised first. */
    public List<String> goingThereNotYet(long workOrderId, int limit) {
        return mapper.goingThereNotYet(workOrderId, limit);
    }

    /** All that goes or went to a place goes or went to another. */
    public void move(long from, long into) {
        mapper.moveTo(from, into);
    }

    public Map<Long, AtPlace> at(Collection<Long> all) {
        return all.isEmpty()
                ? Map.of()
                : mapper.atPlaces(all).stream().collect(Collectors.toMap(AtPlace::place, Function.identity()));
    }

    /** The newest first. */
    public List<PastJob> newestAt(long place, int limit) {
        return mapper.newestAt(place, limit);
    }
}
