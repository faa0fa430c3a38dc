package nobrec.core.workorder;

/**
 * One thing that a house rule has done.
 *
 * @param value what it is done with: a service's name, a carton's or site's code, a reason, a text; empty where the kind says all
 * @param instead whether it counts even where the record says otherwise
 */
public record RuleAct(Kind kind, String value, boolean instead) {

    /** What a house rule can do. */
    public enum Kind {
        SERVICE("service", true),
        CARTON("carton", true),
        TERMS("freight terms", true),
        SITE("site it leaves from", true),
        ACCESSORIAL("accessorial", false),
        HOLD("hold", false),
        DEMAND_PHONE("a phone number is demanded", false),
        DEMAND_COMPANY("a company is demanded", false),
        DEMAND_CONTENTS_CHECK("the contents are to be checked piece by piece", false),
        DEMAND_PAYMENT("its invoice must be paid or released first", false),
        SLIP_DESIGN("slip design", false),
        NOTE("note to whoever ships it", false);

        private final String words;
        private final boolean ofRecord;

        Kind(String words, boolean ofRecord) {
            this.words = words;
            this.ofRecord = ofRecord;
        }

        public String words() {
            return words;
        }

        /** Whether the record can say it too, so that one of both counts. */
        public boolean isOfRecord() {
            return ofRecord;
        }

        /** Whether only one rule can have its way. */
        public boolean isOnlyOnce() {
            return ofRecord || this == SLIP_DESIGN;
        }

        public boolean needsValue() {
            return this != DEMAND_PHONE
                    && this != DEMAND_COMPANY
                    && this != DEMAND_CONTENTS_CHECK
                    && this != DEMAND_PAYMENT;
        }
    }
}
