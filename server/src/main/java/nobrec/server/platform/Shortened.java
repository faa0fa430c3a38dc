package nobrec.server.platform;

/** Texts that are kept in a column of limited length. */
public final class Shortened {

    private static final String MORE = "…";

    private Shortened() {}

    /** The text, or its beginning with a mark that there was more. */
    public static String to(int length, String text) {
        if (text.length() <= length) {
            return text;
        }
        int end = length - MORE.length();
        boolean splitsALetter = Character.isHighSurrogate(text.charAt(end - 1));
        return text.substring(0, splitsALetter ? end - 1 : end) + MORE;
    }
}
