package nobrec.core.wordbook;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import nobrec.core.address.Countries;
import nobrec.core.charging.FreightTerms;
import nobrec.core.notation.MeasureText;

/**
 * The words that are known here without a wordbook: the shop's own names and codes of services, cartons, sites and systems, and
 * countries, freight terms and units.
 */
public final class KnownWords implements SourceWords {

    /** @param meaning the word we keep; @param words all that are read as it */
    public record Word(String meaning, List<String> words) {}

    private static final List<String> UNITS = List.of("lb", "oz", "kg", "g", "in", "ft", "cm", "mm", "m");

    private static final Pattern BLANKS = Pattern.compile("\\s+");

    private final Map<WordKind, List<Word>> words;
    private final Map<WordKind, Map<String, String>> byPlain = new EnumMap<>(WordKind.class);

    public KnownWords(List<Word> services, List<Word> packages, List<Word> sites, List<Word> systems) {
        words = new EnumMap<>(Map.of(
                WordKind.SERVICE, List.copyOf(services),
                WordKind.PACKAGE, List.copyOf(packages),
                WordKind.SITE, List.copyOf(sites),
                WordKind.SYSTEM, List.copyOf(systems)));
        words.put(
                WordKind.TERMS,
                Arrays.stream(FreightTerms.values())
                        .map(terms -> new Word(terms.words(), List.of(terms.words(), terms.name())))
                        .toList());
        words.put(
                WordKind.COUNTRY,
                Arrays.stream(Locale.getISOCountries())
                        .map(code -> new Word(code, List.of(Countries.nameOf(code), code)))
                        .toList());
        words.put(
                WordKind.UNIT,
                UNITS.stream().map(unit -> new Word(unit, List.of(unit))).toList());
        words.put(
                WordKind.STATUS,
                List.of(
                        new Word("ready", List.of("ready to ship", "ready")),
                        new Word("not ready", List.of("not ready yet", "not ready"))));
        words.forEach((kind, list) -> {
            Map<String, String> plain = new HashMap<>();
            list.forEach(each -> each.words().forEach(word -> plain.putIfAbsent(plain(word), each.meaning())));
            byPlain.put(kind, plain);
        });
    }

    @Override
    public Optional<String> meaning(WordKind kind, String word) {
        return switch (kind) {
            case COUNTRY -> Countries.read(word);
            case UNIT -> MeasureText.isUnit(plain(word)) ? Optional.of(plain(word)) : Optional.empty();
            default -> Optional.ofNullable(of(kind).get(plain(word)));
        };
    }

    /** All words of a kind, for a person to choose from. */
    public List<Word> all(WordKind kind) {
        return words.getOrDefault(kind, List.of());
    }

    private Map<String, String> of(WordKind kind) {
        return byPlain.getOrDefault(kind, Map.of());
    }

    /** How words are compared: letter case and more than one blank aside. */
    public static String plain(String word) {
        return BLANKS.matcher(word.strip()).replaceAll(" ").toLowerCase(Locale.ROOT);
    }
}
