package nobrec.server.bench;

import java.util.Optional;
import nobrec.core.address.Countries;
import nobrec.core.address.PhoneNumber;
import nobrec.core.address.PostalAddress;
import nobrec.core.rating.KindEffect;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.bench.BenchView.ProposedShipTo;
import nobrec.server.bench.BenchView.ShipToView;
import nobrec.server.place.Places;
import nobrec.server.place.PostalReference;
import nobrec.server.site.Site;
import org.springframework.stereotype.Component;

/** Where a job goes, as the Bench shows it. */
@Component
class ShipToViews {

    private final PostalReference postal;
    private final Places places;

    ShipToViews(PostalReference postal, Places places) {
        this.places = places;
        this.postal = postal;
    }

    ShipToView of(WorkOrder job, Site site, Optional<KindEffect> effect) {
        PostalAddress to = job.shipTo();
        return new ShipToView(
                to.company(),
                to.person(),
                to.street(),
                to.street2(),
                to.city(),
                to.state(),
                to.postalCode(),
                Countries.nameOf(to.country()),
                PhoneNumber.read(job.phone(), to.country())
                        .found()
                        .map(phone -> phone.shown(site.country()))
                        .orElse(job.phone()),
                places.noteAt(to),
                job.placeKind(),
                effect.map(KindEffect::sentence),
                proposed(to));
    }

    private Optional<ProposedShipTo> proposed(PostalAddress to) {
        return postal.correction(to)
                .map(each -> new ProposedShipTo(
                        each.proposed().city(),
                        each.proposed().state(),
                        each.proposed().postalCode(),
                        each.reason()));
    }
}
