package nobrec.core.shipment;

/** Where a shipment stands; it goes forward, and back only from SHIPPING to OPEN when the carrier refuses. */
public enum ShipmentState {
    /** Being packed and weighed. */
    OPEN,
    /** The carrier was asked and has not answered for certain. */
    SHIPPING,
    /** It has its tracking numbers. */
    SHIPPED
}
