package nobrec.core.address;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * The parts of a US street line, each in its usual abbreviation. Source of the abbreviations: postal addressing standards of the
 * United States (Publication 28), appendices B and C, from memory.
 *
 * @param direction before the name
 * @param suffix what kind of street it is
 * @param directionAfter behind the suffix
 * @param unit word of the unit within the building: {@code STE}
 * @param unitNumber empty text where the unit has none, or one is missing
 */
public record StreetLine(
        String number,
        String direction,
        String name,
        String suffix,
        String directionAfter,
        String unit,
        String unitNumber) {

    private static final Map<String, String> DIRECTIONS = words("""
            N north no|S south so|E east|W west|NE northeast|NW northwest|SE southeast|SW southwest""");

    private static final Map<String, String> SUFFIXES = words("""
            ALY alley|AVE avenue av aven avenu|BND bend|BLVD boulevard boul|BR branch|BRG bridge|BYP bypass|CIR circle circ|\
            CTR center centre|CT court|CV cove|CRK creek|CRES crescent|XING crossing|DR drive drv|EST estate|EXPY expressway|\
            EXT extension|FLS falls|FRY ferry|FLD field|FRST forest|FRK fork|FWY freeway|GDN garden|GTWY gateway|GLN glen|GRN green|\
            GRV grove|HBR harbor|HVN haven|HTS heights hts|HWY highway hiway hwy|HL hill|HOLW hollow|IS island|JCT junction|KNL knoll|\
            LK lake|LNDG landing|LN lane|LOOP loop|MALL mall|MNR manor|MDW meadow|ML mill|MT mount|MTN mountain|ORCH orchard|OVAL oval|\
            PARK park|PKWY parkway parkwy pky|PASS pass|PATH path|PIKE pike|PNE pine|PL place|PLN plain|PLZ plaza|PT point|PRT port|\
            RADL radial|RNCH ranch|RPDS rapids|RST rest|RDG ridge|RIV river|RD road|ROW row|RUN run|SHL shoal|SHR shore|SPG spring|\
            SPGS springs|SQ square|STA station|STRM stream|ST street str strt|SMT summit|TER terrace terr|TRCE trace|TRAK track|\
            TRL trail|TPKE turnpike|UN union|VLY valley|VIA viaduct|VW view|VLG village|VIS vista|WALK walk|WALL wall|WAY way|WLS wells""");

    private static final Map<String, String> UNITS = words("""
            APT apartment apt|BLDG building bldg|DEPT department dept|FL floor|HNGR hangar|LOT lot|OFC office|PIER pier|RM room|\
            SPC space|STE suite|STOP stop|TRLR trailer|UNIT unit|BSMT basement|FRNT front|LBBY lobby|LOWR lower|PH penthouse|REAR rear|UPPR upper""");

    /** Those that stand without a number. */
    private static final List<String> ALONE = List.of("BSMT", "FRNT", "LBBY", "LOWR", "PH", "REAR", "UPPR", "OFC");

    private static final Pattern NUMBER = Pattern.compile("[0-9]+[A-Z]?(-[0-9A-Z]+)?|[NSEW][0-9]+([NSEW][0-9]+)?");
    private static final Pattern FRACTION = Pattern.compile("[1-9]/[0-9]{1,2}");
    private static final Pattern NOT_OF_WORDS = Pattern.compile("[^\\p{L}\\p{N}#/ -]+");
    private static final Pattern MARKS = Pattern.compile("\\p{M}");

    private static Map<String, String> words(String table) {
        Map<String, String> words = new HashMap<>();
        for (String each : table.split("\\|")) {
            String[] parts = each.strip().split(" ");
            Arrays.stream(parts).forEach(word -> words.put(word.toUpperCase(Locale.ROOT), parts[0]));
        }
        return words;
    }

    /** @param second line, which mostly holds the unit */
    public static StreetLine read(String street, String second) {
        List<String> words = words(street, " ");
        List<String> unit = unitOf(words);
        if (unit.isEmpty()) {
            unit = unitOf(words(second, " "));
        }
        String number = number(words);
        String before = words.size() > 1 ? take(words, 0, DIRECTIONS) : "";
        String after = words.size() > 1 ? take(words, words.size() - 1, DIRECTIONS) : "";
        String suffix = words.size() > 1 ? take(words, words.size() - 1, SUFFIXES) : "";
        return new StreetLine(
                number,
                before,
                String.join(" ", words),
                suffix,
                after,
                unit.isEmpty() ? "" : unit.get(0),
                unit.size() > 1 ? unit.get(1) : "");
    }

    private static List<String> words(String line, String blank) {
        String plain =
                MARKS.matcher(Normalizer.normalize(line, Normalizer.Form.NFKD)).replaceAll("");
        String spaced =
                NOT_OF_WORDS.matcher(plain.replace(".", "").replace("#", " # ")).replaceAll(blank);
        return new ArrayList<>(Arrays.stream(spaced.toUpperCase(Locale.ROOT).split(" +"))
                .filter(word -> !word.isEmpty())
                .toList());
    }

    private static String take(List<String> words, int at, Map<String, String> meanings) {
        String meaning = meanings.getOrDefault(words.get(at), "");
        if (!meaning.isEmpty()) {
            words.remove(at);
        }
        return meaning;
    }

    private static String number(List<String> words) {
        if (words.size() < 2 || !NUMBER.matcher(words.get(0)).matches()) {
            return "";
        }
        String number = words.remove(0);
        return words.size() > 1 && FRACTION.matcher(words.get(0)).matches() ? number + " " + words.remove(0) : number;
    }

    /** The unit at the end of a line, its word and its number; what is taken is taken out. */
    private static List<String> unitOf(List<String> words) {
        for (int at = words.size() - 1; at >= 0 && at >= words.size() - 3; at--) {
            String meaning = words.get(at).equals("#") ? "#" : UNITS.getOrDefault(words.get(at), "");
            boolean numberFollows = at == words.size() - 2;
            boolean standsLast = at == words.size() - 1 && (at > 0 || words.size() == 1);
            if (!meaning.isEmpty() && (numberFollows || (standsLast && !meaning.equals("#")))) {
                List<String> unit = new ArrayList<>(List.of(meaning));
                unit.addAll(words.subList(at + 1, words.size()));
                words.subList(at, words.size()).clear();
                if (meaning.equals("#") && !words.isEmpty() && UNITS.containsKey(words.get(words.size() - 1))) {
                    unit.set(0, UNITS.getOrDefault(words.remove(words.size() - 1), "#"));
                }
                return unit;
            }
        }
        return List.of();
    }

    /** Whether a unit is named and its number is not. */
    boolean lacksUnitNumber() {
        return !unit.isEmpty() && unitNumber.isEmpty() && !ALONE.contains(unit);
    }

    /** The line in its usual abbreviations, without the unit. */
    public String standard() {
        return join(number, direction, name, suffix, directionAfter);
    }

    /** The unit in its usual abbreviation; empty text for none. */
    public String unitText() {
        return join(unit, unitNumber);
    }

    private static String join(String... parts) {
        return String.join(
                " ", Arrays.stream(parts).filter(part -> !part.isEmpty()).toList());
    }
}
