package nobrec.core.identifier;

import java.util.Locale;

/** How people and scanners write tracking numbers: with or without blanks and hyphens, in large letters or small. */
public final class TrackingText {

    private TrackingText() {}

    /** As it is kept. */
    public static String plain(String text) {
        return text.replaceAll("[\\s-]+", "").toUpperCase(Locale.ROOT);
    }
}
