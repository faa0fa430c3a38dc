package nobrec.server.workorder.list;

import java.text.Normalizer;
import java.util.Locale;
import java.util.regex.Pattern;

/** A name, and how parts of it are looked for: in small letters without accents. */
record PlainName(NameKind kind, String name, String plain) {

    private static final Pattern ACCENTS = Pattern.compile("\\p{M}+");

    PlainName(NameKind kind, String name) {
        this(kind, name, of(name));
    }

    static String of(String text) {
        String apart = Normalizer.normalize(text, Normalizer.Form.NFD).toLowerCase(Locale.ROOT);
        return ACCENTS.matcher(apart).replaceAll("").replace("ß", "ss");
    }
}
