package nobrec.server.document;

import java.util.Arrays;
import java.util.List;

/** How a packing slip is made up. */
public enum SlipDesign {
    STANDARD("standard"),
    /** For goods that are sent in somebody else's name: the receiver does not learn who packed them. */
    WITHOUT_OUR_NAME("without our name and address");

    private final String words;

    SlipDesign(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    public static List<SlipDesign> all() {
        return List.of(values());
    }

    /** The design of that name; the standard one where there is none of it. */
    static SlipDesign named(String words) {
        return Arrays.stream(values())
                .filter(each -> each.words.equals(words))
                .findFirst()
                .orElse(STANDARD);
    }
}
