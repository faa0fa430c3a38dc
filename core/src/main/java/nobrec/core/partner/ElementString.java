package nobrec.core.partner;

import java.util.regex.Pattern;

/**
 * One application identifier and what stands behind it.
 *
 * @param title as GS1 calls it on labels
 */
public record ElementString(String identifier, String title, String data) {

    /** The letters that may stand there: GS1 General Specifications, character set 82 (from memory). */
    private static final Pattern LETTERS = Pattern.compile("[A-Za-z0-9!\"%&'()*+,\\-./:;<=>?_]*");

    /** Its number of a package. */
    public static final String SSCC = "00";

    /** As people read it below the bars. */
    public String readable() {
        return "(" + identifier + ")" + data;
    }

    public static boolean canHold(String text) {
        return LETTERS.matcher(text).matches();
    }
}
