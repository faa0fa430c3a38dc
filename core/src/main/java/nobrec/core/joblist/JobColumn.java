package nobrec.core.joblist;

import java.util.Arrays;
import java.util.Optional;

/** What the job list shows of a job, and can be sorted by. */
public enum JobColumn {
    CAME_IN("came-in"),
    NUMBER("number"),
    CUSTOMER("customer"),
    SHIP_TO("ship-to"),
    CITY("city"),
    PROMISED("promised"),
    SERVICE("service"),
    TERMS("terms"),
    LINES("lines"),
    PIECES("pieces"),
    WEIGHT("weight"),
    VALUE("value"),
    STATUS("status"),
    SOURCE("source"),
    BATCH("batch"),
    SITE("site");

    private final String key;

    JobColumn(String key) {
        this.key = key;
    }

    /** As the address of a list names it. */
    public String key() {
        return key;
    }

    static Optional<JobColumn> of(String key) {
        return Arrays.stream(values()).filter(each -> each.key.equals(key)).findFirst();
    }
}
