package nobrec.core.packing;

import java.util.List;
import java.util.Optional;
import nobrec.core.carton.CartonType;
import nobrec.core.carton.Placement;
import nobrec.core.item.LotShare;
import nobrec.core.measure.Weight;

/** The proposal of packages for a shipment. */
public record PackPlan(List<PlannedPackage> packages) {

    public PackPlan {
        packages = List.copyOf(packages);
    }

    /** A quantity of one item in a package, and the lots it is of. */
    public record Content(long itemKey, int quantity, List<LotShare> lots) {

        public Content {
            lots = List.copyOf(lots);
        }
    }

    /**
     * @param placements where each piece lies; empty when sizes are missing, so that nothing can be drawn
     * @param expectedWeight contents and carton together, or the carton's stated weight; empty when neither is known
     * @param reason why this carton
     */
    public record PlannedPackage(
            CartonType carton,
            List<Content> contents,
            List<Placement> placements,
            Optional<Weight> expectedWeight,
            CartonReason reason) {

        public PlannedPackage {
            contents = List.copyOf(contents);
            placements = List.copyOf(placements);
        }

        public PlannedPackage because(CartonReason other) {
            return new PlannedPackage(carton, contents, placements, expectedWeight, other);
        }
    }
}
