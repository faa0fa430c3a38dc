package nobrec.core.packing;

import java.util.List;
import java.util.Optional;
import nobrec.core.measure.Weight;

/** The proposal of packages for a shipment. */
public record PackPlan(List<PlannedPackage> packages) {

    /** A quantity of one item in a package. */
    public record Content(long itemKey, int quantity) {}

    /**
     * @param contentsWeight what the records say the contents weigh; empty when a weight is missing
     * @param reason why this carton
     */
    public record PlannedPackage(
            CartonType carton, List<Content> contents, Optional<Weight> contentsWeight, CartonReason reason) {

        /** Contents and carton together. */
        public Optional<Weight> expectedWeight() {
            return contentsWeight.map(carton.tare()::plus);
        }
    }
}
