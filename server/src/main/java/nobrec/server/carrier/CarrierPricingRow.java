package nobrec.server.carrier;

import nobrec.core.service.CarrierPricing;
import nobrec.core.service.CarrierPricing.PricedBy;

/** How a carrier is priced, in table carrier. */
record CarrierPricingRow(String carrierCode, PricedBy pricedBy, int toleranceThousandths) {

    CarrierPricing pricing() {
        return new CarrierPricing(pricedBy, toleranceThousandths);
    }
}
