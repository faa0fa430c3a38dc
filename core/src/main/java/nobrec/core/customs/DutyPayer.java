package nobrec.core.customs;

import java.util.Arrays;
import java.util.Optional;

/** Who pays duty and tax where goods arrive. */
public enum DutyPayer {
    RECEIVER("receiver"),
    SENDER("sender"),
    THIRD_PARTY("third party");

    private final String words;

    DutyPayer(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    public static Optional<DutyPayer> read(String text) {
        return Arrays.stream(values())
                .filter(each -> each.words.equalsIgnoreCase(text.strip()))
                .findFirst();
    }
}
