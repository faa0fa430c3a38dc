package nobrec.core.notation;

import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Figures as people and programs write them. Read in one notation, or refused: never in another one than it was meant. */
public final class FigureText {

    private static final Pattern WITH_POINT =
            Pattern.compile("(?:[1-9]\\d{0,2}(?:,\\d{3})+|\\d{1,12})(?:\\.\\d{1,12})?|\\.\\d{1,12}");
    private static final Pattern WITH_COMMA =
            Pattern.compile("(?:[1-9]\\d{0,2}(?:\\.\\d{3})+|\\d{1,12})(?:,\\d{1,12})?|,\\d{1,12}");

    private static final Pattern FIGURE = Pattern.compile("[\\d.,]*\\d");

    private static final int WHOLE_DIGITS = 12;

    private FigureText() {}

    /** @param text without blanks around it */
    public static Reading<BigDecimal> read(String text, DecimalMark mark) {
        if (isDigits(text)) {
            return Reading.of(new BigDecimal(text));
        }
        Optional<BigDecimal> point = withPoint(text);
        Optional<BigDecimal> comma = withComma(text);
        if (point.isEmpty() && comma.isEmpty()) {
            return Reading.refused(Quoted.of(text) + " is no figure.", "Write digits, like 1250.75.");
        }
        boolean either = point.isPresent() && comma.isPresent() && point.get().compareTo(comma.get()) != 0;
        if (mark == DecimalMark.UNKNOWN && either) {
            return Reading.refused(
                    Quoted.of(text) + " may be " + plain(point.get()) + " or " + plain(comma.get()) + ".",
                    "Write " + plain(point.get()) + " or " + plain(comma.get()) + ", as it is meant.");
        }
        Optional<BigDecimal> meant = switch (mark) {
            case POINT -> point;
            case COMMA -> comma;
            case UNKNOWN -> point.or(() -> comma);
        };
        return meant.map(Reading::of).orElseGet(() -> otherNotation(text, mark, point.or(() -> comma)));
    }

    /** Without a mark, so that there is one way to read them. */
    private static boolean isDigits(String text) {
        boolean digits = !text.isEmpty() && text.length() <= WHOLE_DIGITS;
        for (int at = 0; digits && at < text.length(); at++) {
            digits = text.charAt(at) >= '0' && text.charAt(at) <= '9';
        }
        return digits;
    }

    /** Which decimal mark some cells show by the figures in them that can be read in one way only. */
    public static final class Marks {
        private final Set<DecimalMark> shown = EnumSet.noneOf(DecimalMark.class);

        public void add(String cell) {
            Matcher figures = FIGURE.matcher(cell);
            while (figures.find()) {
                boolean point = withPoint(figures.group()).isPresent();
                if (point != withComma(figures.group()).isPresent()) {
                    shown.add(point ? DecimalMark.POINT : DecimalMark.COMMA);
                }
            }
        }

        /** {@link DecimalMark#UNKNOWN} where none shows it, or they show both. */
        public DecimalMark shown() {
            return shown.size() == 1 ? shown.iterator().next() : DecimalMark.UNKNOWN;
        }
    }

    private static Reading<BigDecimal> otherNotation(String text, DecimalMark mark, Optional<BigDecimal> reading) {
        String shown = reading.map(FigureText::plain).orElse("");
        return mark == DecimalMark.POINT
                ? Reading.refused(
                        Quoted.of(text) + " has a decimal comma; figures here have a point.",
                        "Write " + shown + " if that is meant.")
                : Reading.refused(
                        Quoted.of(text) + " has a decimal point; figures here have a comma.",
                        "Write " + shown.replace('.', ',') + " if that is meant.");
    }

    private static Optional<BigDecimal> withPoint(String text) {
        return WITH_POINT.matcher(text).matches()
                ? Optional.of(new BigDecimal(text.replace(",", "")))
                : Optional.empty();
    }

    private static Optional<BigDecimal> withComma(String text) {
        return WITH_COMMA.matcher(text).matches()
                ? Optional.of(new BigDecimal(text.replace(".", "").replace(',', '.')))
                : Optional.empty();
    }

    private static String plain(BigDecimal figure) {
        return figure.toPlainString();
    }
}
