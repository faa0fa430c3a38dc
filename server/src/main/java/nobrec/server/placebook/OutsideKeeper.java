package nobrec.server.placebook;

import java.util.Optional;
import nobrec.core.address.PostalAddress;
import nobrec.server.place.OutsideAddressChecks;
import nobrec.server.place.Places;
import nobrec.server.workorder.JobPlaces;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Keeps with a place what an address service said of it; a kind that it tells reaches the jobs that have not left. */
@Component
class OutsideKeeper {

    private final Places places;
    private final JobPlaces jobs;

    OutsideKeeper(Places places, JobPlaces jobs) {
        this.places = places;
        this.jobs = jobs;
    }

    @Transactional
    void kept(PostalAddress address, OutsideAddressChecks.Answer answer) {
        Optional<Long> changed = places.outsideSays(address, answer.service(), answer.verdict());
        changed.ifPresent(place -> jobs.kindSaid(place, answer.verdict().kind()));
    }
}
