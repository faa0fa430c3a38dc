package nobrec.core.customs;

import nobrec.core.notation.Quoted;
import nobrec.core.notation.Reading;

/**
 * A number of the Harmonized System: six digits that all countries share, up to ten with a country's own. Source: WCO Harmonized
 * System 2022, from memory: chapters 1 to 97, of which 77 is reserved.
 *
 * @param digits without points
 */
public record HarmonizedCode(String digits) {

    private static final int SHARED = 6;
    private static final int LONGEST = 10;
    private static final int CHAPTER = 2;
    private static final int HEADING = 4;
    private static final int LAST_CHAPTER = 97;
    private static final int RESERVED_CHAPTER = 77;
    private static final String REMEDY = "Write six to ten digits, like 8412.21.";

    public static Reading<HarmonizedCode> read(String text) {
        String digits = text.strip().replaceAll("[\\s.-]", "");
        if (!digits.matches("[0-9]+")) {
            return Reading.refused(Quoted.of(text) + " is no HS code.", REMEDY);
        }
        if (digits.length() < SHARED || digits.length() > LONGEST) {
            return Reading.refused(
                    Quoted.of(text) + " is no HS code: it has " + digits.length()
                            + (digits.length() == 1 ? " digit." : " digits."),
                    REMEDY);
        }
        int chapter = Integer.parseInt(digits.substring(0, CHAPTER));
        return chapter < 1 || chapter > LAST_CHAPTER || chapter == RESERVED_CHAPTER
                ? Reading.refused(
                        Quoted.of(text) + " is no HS code: there is no chapter " + digits.substring(0, CHAPTER) + ".",
                        REMEDY)
                : Reading.of(new HarmonizedCode(digits));
    }

    /** As it is written: {@code 8412.21}, {@code 8412.21.0075}. */
    public String shown() {
        String shared = digits.substring(0, HEADING) + "." + digits.substring(HEADING, SHARED);
        return digits.length() == SHARED ? shared : shared + "." + digits.substring(SHARED);
    }
}
