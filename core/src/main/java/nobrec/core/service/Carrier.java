package nobrec.core.service;

import nobrec.core.identifier.TrackingForm;

/**
 * Who carries.
 *
 * @param phoneRequired whether the receiver's phone number must be on every consignment
 * @param companyRequired whether the ship-to must name a company
 */
public record Carrier(
        String code, String name, boolean phoneRequired, boolean companyRequired, TrackingForm trackingForm) {}
