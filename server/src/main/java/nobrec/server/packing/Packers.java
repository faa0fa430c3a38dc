package nobrec.server.packing;

import java.util.concurrent.TimeUnit;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentPacker;
import nobrec.server.carton.CartonTypes;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.pricing.RatingFeed;
import org.springframework.stereotype.Component;

/** Gives {@code core} what it needs to pack a shipment: the shop's cartons, what a package costs, and how long it may take. */
@Component
class Packers {

    /** A plan is ready by then, whatever the machine. */
    private static final long LONGEST_MILLIS = 150;

    private final CartonTypes cartonTypes;
    private final RatingFeed feed;
    private final NobrecSettings settings;

    Packers(CartonTypes cartonTypes, RatingFeed feed, NobrecSettings settings) {
        this.cartonTypes = cartonTypes;
        this.feed = feed;
        this.settings = settings;
    }

    ShipmentPacker of(Shipment shipment, Jobs jobs) {
        long end = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(LONGEST_MILLIS);
        return new ShipmentPacker(
                cartonTypes.set(),
                jobs,
                feed.packageCosts(shipment, jobs),
                () -> System.nanoTime() > end,
                settings.units());
    }
}
