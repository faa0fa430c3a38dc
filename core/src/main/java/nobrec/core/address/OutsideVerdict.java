package nobrec.core.address;

import java.util.Optional;

/**
 * What an address service outside says of an address.
 *
 * @param kind what stands there; empty where it does not know
 * @param written the address as the service writes it; the same where nothing is to be corrected
 * @param said in the service's own words
 */
public record OutsideVerdict(Deliverable deliverable, Optional<PlaceKind> kind, PostalAddress written, String said) {

    /** Whether something can be delivered there. */
    public enum Deliverable {
        YES("deliverable"),
        /** The street and the house are known; which unit is not said, or is not known. */
        UNIT_MISSING("deliverable once the unit is named"),
        NO("not deliverable"),
        UNKNOWN("not known to the service");

        private final String words;

        Deliverable(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
