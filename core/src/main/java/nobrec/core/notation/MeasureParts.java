package nobrec.core.notation;

import java.math.BigDecimal;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nobrec.core.limit.Limits;
import nobrec.core.notation.Reading.Read;
import nobrec.core.notation.Reading.Refused;

/** A measure taken apart into figures with their units: {@code 4 lb 3 oz}, {@code 12 1/2 in}, {@code 4'6"}. */
final class MeasureParts {

    /** @param unit as written, small letters without a full stop; empty text for none */
    record Part(BigDecimal figure, String unit) {}

    private static final String FRACTION = "(\\d{1,3})/(\\d{1,3})";
    private static final Pattern PART = Pattern.compile(
            "\\s*(?:" + FRACTION + "|([\\d.,]*\\d)(?:[\\s-]+" + FRACTION + ")?)\\s*([a-z#'\"]*)\\.?\\s*");

    private static final Map<Character, String> FRACTION_SIGNS = Map.of(
            '½', "1/2", '¼', "1/4", '¾', "3/4", '⅛', "1/8", '⅜', "3/8", '⅝', "5/8", '⅞', "7/8", '⅓', "1/3", '⅔', "2/3");

    private static final Pattern BLANKS = Pattern.compile("[\\p{Z}\\s\\u200B\\u2060\\uFEFF]+");
    private static final Pattern FEET = Pattern.compile("[’‘`´′]");
    private static final Pattern INCHES = Pattern.compile("[“”″]|''");
    private static final Pattern TIMES_SIGNS = Pattern.compile("[×✕✖*]");

    private MeasureParts() {}

    /** Small letters, plain blanks, one sign each for feet, inches and times. */
    static String plain(String text) {
        return isPlain(text) ? text.toLowerCase(Locale.ROOT) : madePlain(text);
    }

    /** Letters, digits and single blanks within them: nothing is to be done for nearly every cell of a file. */
    private static boolean isPlain(String text) {
        for (int at = 0; at < text.length(); at++) {
            char each = text.charAt(at);
            boolean sign = each >= 'a' && each <= 'z'
                    || each >= 'A' && each <= 'Z'
                    || each >= '0' && each <= '9'
                    || each == '.'
                    || each == ',';
            boolean blankWithin = each == ' ' && at > 0 && at < text.length() - 1 && text.charAt(at - 1) != ' ';
            if (!sign && !blankWithin) {
                return false;
            }
        }
        return true;
    }

    private static String madePlain(String text) {
        StringBuilder plain = new StringBuilder();
        for (char each : text.toCharArray()) {
            String sign = FRACTION_SIGNS.get(each);
            plain.append(sign == null ? String.valueOf(each) : " " + sign);
        }
        String small = Normalizer.normalize(plain, Normalizer.Form.NFKC).toLowerCase(Locale.ROOT);
        String blanks = BLANKS.matcher(small).replaceAll(" ");
        String feet = FEET.matcher(blanks).replaceAll("'");
        String inches = INCHES.matcher(feet).replaceAll("\"");
        return TIMES_SIGNS.matcher(inches).replaceAll("x").strip();
    }

    /** @param plain text as {@link #plain} gives it */
    static Reading<List<Part>> read(String plain, DecimalMark mark) {
        List<Part> parts = new ArrayList<>();
        Matcher matcher = PART.matcher(plain);
        int at = 0;
        while (at < plain.length()) {
            if (!matcher.find(at) || matcher.start() != at || matcher.end() == at) {
                return Reading.refused("", "");
            }
            Reading<BigDecimal> figure = figure(matcher, mark);
            if (figure instanceof Refused<BigDecimal> refused) {
                return Reading.refused(refused.reason(), refused.remedy());
            }
            parts.add(new Part(((Read<BigDecimal>) figure).value(), matcher.group(6)));
            at = matcher.end();
        }
        return Reading.of(parts);
    }

    private static Reading<BigDecimal> figure(Matcher matcher, DecimalMark mark) {
        Reading<BigDecimal> whole =
                matcher.group(3) == null ? Reading.of(BigDecimal.ZERO) : FigureText.read(matcher.group(3), mark);
        String above = matcher.group(1) == null ? matcher.group(4) : matcher.group(1);
        String below = matcher.group(1) == null ? matcher.group(5) : matcher.group(2);
        if (!(whole instanceof Read<BigDecimal> read)) {
            return whole;
        }
        Optional<BigDecimal> share = above == null ? Optional.of(BigDecimal.ZERO) : share(above, below);
        if (share.isEmpty()) {
            return Reading.refused(
                    above + "/" + below + " is no fraction read here.", "Write halves, quarters and so on to 64ths.");
        }
        if (above != null && read.value().stripTrailingZeros().scale() > 0) {
            return Reading.refused("A figure has decimals or a fraction, not both.", "Write one of them.");
        }
        BigDecimal figure = read.value().add(share.get()).stripTrailingZeros();
        int places = above == null ? Limits.MEASURE_PLACES : Integer.MAX_VALUE;
        return figure.scale() > places
                ? Reading.refused(
                        Quoted.of(matcher.group(3)) + " has more than " + Limits.MEASURE_PLACES + " decimals.",
                        "Round it.")
                : Reading.of(figure);
    }

    private static Optional<BigDecimal> share(String above, String below) {
        int whole = Integer.parseInt(below);
        boolean exact = whole > 1 && whole <= 64 && Integer.bitCount(whole) == 1;
        return exact && Integer.parseInt(above) < whole
                ? Optional.of(new BigDecimal(above).divide(new BigDecimal(below)))
                : Optional.empty();
    }
}
