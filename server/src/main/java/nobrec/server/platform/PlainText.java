package nobrec.server.platform;

import java.text.Normalizer;
import java.util.Locale;
import java.util.regex.Pattern;

/** A text as parts of it are looked for: in small letters without accents. */
public final class PlainText {

    private static final Pattern ACCENTS = Pattern.compile("\\p{M}+");

    private PlainText() {}

    public static String of(String text) {
        String apart = Normalizer.normalize(text, Normalizer.Form.NFD).toLowerCase(Locale.ROOT);
        return ACCENTS.matcher(apart).replaceAll("").replace("ß", "ss");
    }
}
