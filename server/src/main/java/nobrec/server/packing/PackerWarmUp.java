package nobrec.server.packing;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import nobrec.core.carton.CartonType;
import nobrec.core.item.Handling;
import nobrec.core.item.PackItem;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.packing.PackPlanner;
import nobrec.core.packing.search.PackingEffort;
import nobrec.server.carton.CartonTypes;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Packs something of no importance at the start: Java is slow with what it has not done before, and the first job on the bench
 * would have its plan cut short by the clock.
 */
@Component
class PackerWarmUp {

    private static final int PLANS = 40;
    private static final int KINDS = 3;

    private final CartonTypes cartonTypes;

    PackerWarmUp(CartonTypes cartonTypes) {
        this.cartonTypes = cartonTypes;
    }

    @EventListener(ApplicationReadyEvent.class)
    void pack() {
        List<CartonType> cartons = cartonTypes.set().all();
        if (cartons.isEmpty()) {
            return;
        }
        List<PackItem> items =
                IntStream.rangeClosed(1, KINDS).mapToObj(PackerWarmUp::item).toList();
        PackPlanner planner = new PackPlanner(cartons);
        for (int plan = 0; plan < PLANS; plan++) {
            planner.plan(items, List.of(), PackingEffort.whileSomebodyWaits(() -> false));
        }
    }

    private static PackItem item(int kind) {
        return new PackItem(
                kind,
                "Piece",
                KINDS * kind,
                Optional.of(Weight.of("1", WeightUnit.POUND)),
                Optional.of(Size.of(Integer.toString(2 + kind), "3", "2", LengthUnit.INCH)),
                Handling.ANY,
                List.of());
    }
}
