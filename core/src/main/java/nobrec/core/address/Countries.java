package nobrec.core.address;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nobrec.core.refusal.Refusal;

/** Countries by code (ISO 3166-1, by the JDK's tables) and by their English names. */
public final class Countries {

    private static final Map<String, String> BY_NAME = byName();

    private Countries() {}

    /**
     * The code of a country that somebody typed.
     *
     * @param otherwise where nothing was typed
     * @throws Refusal where there is no such country
     */
    public static String codeOf(String text, String otherwise) {
        return text.isBlank()
                ? otherwise
                : read(text)
                        .orElseThrow(() -> Refusal.unusable(
                                "The country",
                                "There is no country “" + text.strip() + "”.",
                                "Write its English name or its two letters (ISO 3166)."));
    }

    /** The two-letter code of a country written as code or name: {@code us}, {@code USA}, {@code United States}. */
    public static Optional<String> read(String text) {
        return Optional.ofNullable(BY_NAME.get(plain(text)));
    }

    /** Its English name; the code itself when there is no such country. */
    public static String nameOf(String code) {
        String name = new Locale("", code).getDisplayCountry(Locale.ENGLISH);
        return name.isEmpty() ? code : name;
    }

    private static Map<String, String> byName() {
        Map<String, String> codes = new HashMap<>();
        for (String code : Locale.getISOCountries()) {
            Locale country = new Locale("", code);
            codes.put(plain(country.getDisplayCountry(Locale.ENGLISH)), code);
            codes.put(plain(country.getISO3Country()), code);
            codes.put(plain(code), code);
        }
        Arrays.asList("u s", "united states of america", "america")
                .forEach(name -> codes.put(plain(name), UnitedStates.CODE));
        Arrays.asList("uk", "great britain", "england", "scotland", "wales", "northern ireland")
                .forEach(name -> codes.put(plain(name), "GB"));
        codes.put(plain("Holland"), "NL");
        codes.put(plain("Korea"), "KR");
        codes.put(plain("Czech Republic"), "CZ");
        return codes;
    }

    private static String plain(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("[^\\p{L}]", "")
                .toLowerCase(Locale.ROOT);
    }
}
