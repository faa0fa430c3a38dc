package nobrec.core.carton;

import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;

/** What it costs to send one package of a shipment by one service, its carton included. */
public interface PackageCost {

    /** The service does not take such a package. */
    long NOT_TAKEN = Long.MAX_VALUE;

    /** Name of the service; it stands in the reason for each carton. */
    String serviceName();

    /** Whether single cartons are taken; if not, they go onto pallets. */
    boolean takesCartons();

    /** The least that any package costs, however light and small; plans with more packages are given up by it. */
    long minimumCents();

    /** The service takes no heavier package. */
    Weight maximumGross();

    /**
     * @param outer size of the package as it leaves
     * @param gross weight of contents and carton
     * @return cents, or {@link #NOT_TAKEN}
     */
    long cents(CartonType carton, Size outer, Weight gross);
}
