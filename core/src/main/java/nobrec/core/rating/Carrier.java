package nobrec.core.rating;

import nobrec.core.identifier.TrackingForm;

/**
 * Who carries.
 *
 * @param phoneRequired whether the receiver's phone number must be on every consignment
 */
public record Carrier(String code, String name, boolean phoneRequired, TrackingForm trackingForm) {}
