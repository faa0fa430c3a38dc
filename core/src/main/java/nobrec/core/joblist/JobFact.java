package nobrec.core.joblist;

import java.util.Arrays;
import java.util.Optional;

/** What the job list can be narrowed by. */
public enum JobFact {
    STATUS("status", "Status", Form.WORDS),
    HELD("held", "On hold", Form.YES),
    CUSTOMER("customer", "Customer", Form.WORDS),
    SOURCE("source", "Source", Form.WORDS),
    BATCH("batch", "Batch", Form.WORDS),
    NUMBER("number", "Number", Form.NUMBER),
    SERVICE("service", "Requested service", Form.WORDS),
    TERMS("terms", "Freight terms", Form.WORDS),
    PROMISED("promised", "Promised", Form.DAY),
    SHIPPED("shipped", "Shipped", Form.DAY),
    ABROAD("abroad", "Goes abroad", Form.YES),
    SITE("site", "Leaves from", Form.WORDS),
    VALUE("value", "Value", Form.MONEY),
    WEIGHT("weight", "Weight", Form.WEIGHT),
    ATTENTION("attention", "Needs attention", Form.WORDS),
    SAME_PLACE("same-place", "Same place as", Form.WORDS),
    CONTENTS("same-contents", "Same contents as", Form.WORDS),
    FIELD("field", "Field", Form.FIELD);

    /** How its values are written. */
    public enum Form {
        /** One or several, each as it stands there. */
        WORDS,
        /** The beginning of it, or from one to another. */
        NUMBER,
        /** One, or from one to another; either may be left out. */
        DAY,
        MONEY,
        WEIGHT,
        YES,
        /** The name of one of the shop's own fields, and what it says. */
        FIELD
    }

    private final String key;
    private final String label;
    private final Form form;

    JobFact(String key, String label, Form form) {
        this.key = key;
        this.label = label;
        this.form = form;
    }

    /** As the address of a list names it. */
    public String key() {
        return key;
    }

    /** As people call it. */
    public String label() {
        return label;
    }

    public Form form() {
        return form;
    }

    static Optional<JobFact> of(String key) {
        return Arrays.stream(values()).filter(each -> each.key.equals(key)).findFirst();
    }
}
