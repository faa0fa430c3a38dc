package nobrec.server.document.kept;

import java.util.regex.Pattern;
import nobrec.core.measure.Length;
import nobrec.core.measure.UnitSystem;
import nobrec.core.notation.DecimalMark;
import nobrec.core.notation.MeasureText;
import nobrec.core.notation.Reading;
import nobrec.core.refusal.Refusal;

/** Lengths of a design as people write them; other than a package's side, one may be nothing. */
public final class LengthText {

    private static final Pattern NONE = Pattern.compile("0*(?:[.,]0*)?\\s*[a-z\"]*", Pattern.CASE_INSENSITIVE);

    private LengthText() {}

    /**
     * @param thing what is read, as a refusal names it
     * @throws Refusal where it is no length
     */
    public static Length read(String thing, String text, UnitSystem units, DecimalMark mark) {
        if (NONE.matcher(text.strip()).matches()) {
            return new Length(0);
        }
        Reading<Length> reading = MeasureText.readLength(text, units, mark);
        if (reading instanceof Reading.Refused<Length> refused) {
            throw Refusal.unusable(thing, refused.reason(), refused.remedy());
        }
        return reading.found().orElseThrow();
    }
}
