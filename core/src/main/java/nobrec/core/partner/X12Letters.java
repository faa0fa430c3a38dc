package nobrec.core.partner;

import java.text.Normalizer;
import java.util.regex.Pattern;

/**
 * The letters of an X12 interchange: Latin without marks above or below them, figures and signs, but for those that part its elements.
 *
 * <p>Source: ASC X12.6, basic and extended character set (from memory).
 */
public final class X12Letters {

    /** Signs that stand between elements, parts of elements and segments; inside a text they become blanks. */
    public static final String ELEMENT = "*";

    public static final String PART = ">";
    public static final String SEGMENT = "~";

    private static final Pattern PARTING = Pattern.compile("[*>~]");
    private static final Pattern MARKS = Pattern.compile("\\p{M}+");
    private static final Pattern SAYABLE = Pattern.compile("[A-Za-z0-9 !\"&'()*+,\\-./:;?=%@\\[\\]_{}\\\\|<>~#$]*");

    private X12Letters() {}

    /** Whether it says the same in an interchange, but for marks on letters. */
    public static boolean canHold(String text) {
        return SAYABLE.matcher(plain(text)).matches();
    }

    /** As it is written: without marks on letters, without parting signs, blanks joined. */
    public static String written(String text) {
        return PARTING.matcher(plain(text))
                .replaceAll(" ")
                .replaceAll("[^ -~]", "?")
                .replaceAll(" +", " ")
                .strip();
    }

    /** The letters that have no mark to take off are written as they usually are where they cannot be. */
    private static String plain(String text) {
        String spelled = text.replace("ß", "ss")
                .replace("Ø", "O")
                .replace("ø", "o")
                .replace("Æ", "AE")
                .replace("æ", "ae")
                .replace("Œ", "OE")
                .replace("œ", "oe")
                .replace("Ł", "L")
                .replace("ł", "l")
                .replace("Đ", "D")
                .replace("đ", "d")
                .replace("’", "'")
                .replace("‘", "'")
                .replace("“", "\"")
                .replace("”", "\"")
                .replace("–", "-")
                .replace("—", "-")
                .replace("×", "x")
                .replace("°", " deg ")
                .replaceAll("\\s+", " ");
        return MARKS.matcher(Normalizer.normalize(spelled, Normalizer.Form.NFD)).replaceAll("");
    }
}
