package nobrec.core.customs;

import java.util.Arrays;
import java.util.Optional;

/** Why goods leave the country. The first five are those that postal declarations name (UPU Convention Manual, from memory). */
public enum ExportReason {
    SALE("sale of goods"),
    GIFT("gift"),
    SAMPLE("commercial sample"),
    RETURNED("returned goods"),
    DOCUMENTS("documents"),
    REPAIRED("repaired goods going back"),
    TEMPORARY("temporary export");

    private final String words;

    ExportReason(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether a postal declaration has no box for it but {@code other}. */
    public boolean isOtherByPost() {
        return this == REPAIRED || this == TEMPORARY;
    }

    public static Optional<ExportReason> read(String text) {
        return Arrays.stream(values())
                .filter(each -> each.words.equalsIgnoreCase(text.strip()))
                .findFirst();
    }
}
