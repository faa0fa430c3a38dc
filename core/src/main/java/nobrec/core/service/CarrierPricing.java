package nobrec.core.service;

/**
 * Where the prices of a carrier's services come from.
 *
 * @param toleranceThousandths how far the carrier's price may be from our sheet's before it is pointed out, in thousandths of a percent
 */
public record CarrierPricing(PricedBy pricedBy, int toleranceThousandths) {

    /** Who says what a service costs. */
    public enum PricedBy {
        SHEET("by our rate sheets"),
        /** The carrier is asked; there is no sheet that counts. */
        CARRIER("by the carrier"),
        /** The carrier is asked; our sheet stands beside it, and counts while the carrier is silent. */
        BOTH("by the carrier, with our rate sheets beside it");

        private final String words;

        PricedBy(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public static final CarrierPricing BY_SHEET = new CarrierPricing(PricedBy.SHEET, 2_000);

    public boolean asksCarrier() {
        return pricedBy != PricedBy.SHEET;
    }
}
