package nobrec.server.shipment;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Packages with a label, as they wait for a driver and go with one. */
@Service
public class HandedPackages {

    private final ShipmentMapper mapper;
    private final Clock clock;

    HandedPackages(ShipmentMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    public Optional<LabeledRow> labeled(String trackingNumber) {
        return mapper.labeled(trackingNumber).stream().findFirst();
    }

    /** Those that leave from a site by some services up to a day and are in no handover, the earliest first. */
    public List<LabeledRow> waiting(long site, Collection<String> services, LocalDate until, int limit) {
        return services.isEmpty() ? List.of() : mapper.notHandedOver(site, services, until, limit);
    }

    /** How many wait for a driver, by site and service. */
    public List<DepartedRow> waiting(LocalDate until) {
        return mapper.waitingForHandover(until);
    }

    /** How many are in a handover, by service. */
    public List<DepartedRow> in(long handover) {
        return mapper.inHandover(handover);
    }

    /** The handover that one of some packages is in; zero for one before handovers were kept. */
    public Optional<Long> handoverOf(Collection<Long> packages) {
        return packages.isEmpty() ? Optional.empty() : mapper.handoverOf(packages);
    }

    /** Those in a handover, the last one scanned first. */
    public List<LabeledRow> scannedInto(long handover, int limit) {
        return mapper.scannedInto(handover, limit);
    }

    /** @return how many of them were in no handover and are in this one now */
    @Transactional(propagation = Propagation.MANDATORY)
    public int handOver(Collection<Long> packages, long handover, String signIn) {
        return packages.isEmpty() ? 0 : mapper.handOver(packages, handover, signIn, clock.instant());
    }

    /** @return whether it was in that handover */
    @Transactional(propagation = Propagation.MANDATORY)
    public boolean takeOut(long packageId, long handover) {
        return mapper.takeOut(packageId, handover) > 0;
    }

    /** The shipments that have gone with a handover and left no package behind. */
    public List<Long> goneWith(long handover) {
        return mapper.goneWith(handover);
    }

    /** The shipments of which packages are in a handover; their rows are locked, in order. */
    @Transactional(propagation = Propagation.MANDATORY)
    public List<Long> shipmentsLocked(long handover) {
        List<Long> ids = mapper.shipmentsIn(handover);
        ids.forEach(mapper::byIdLocked);
        return ids;
    }
}
