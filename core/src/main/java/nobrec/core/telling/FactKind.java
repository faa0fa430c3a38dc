package nobrec.core.telling;

import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAccessor;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;

/**
 * How a fact is kept and written. Kept as a text that loses nothing: a day and a moment as ISO 8601, an amount with its two places, a weight
 * in eighths of a nanogram, several texts with a line feed between them.
 */
public enum FactKind {
    TEXT("", "upper, lower"),
    COUNT("", ""),
    SEVERAL(", ", "what stands between them, or lines"),
    DAY("uuuu-MM-dd", "a pattern as MM/dd/yyyy"),
    MOMENT("uuuu-MM-dd'T'HH:mm:ssXXX", "a pattern as MM/dd/yyyy HH:mm"),
    AMOUNT("", "cents"),
    WEIGHT("lb", "g, kg, oz, lb");

    /** Several texts, each in a line of its own. */
    static final String LINES = "lines";

    private static final String UPPER = "upper";
    private static final String LOWER = "lower";
    private static final String CENTS = "cents";
    private static final int PLACES = 3;

    private final String usual;
    private final String forms;

    FactKind(String usual, String forms) {
        this.usual = usual;
        this.forms = forms;
    }

    /** What forms there are, in words; empty text for none. */
    public String forms() {
        return forms;
    }

    /** Whether a template may ask for it in this form. */
    boolean knows(String form) {
        return switch (this) {
            case TEXT -> form.equalsIgnoreCase(UPPER) || form.equalsIgnoreCase(LOWER);
            case COUNT -> false;
            case SEVERAL -> true;
            case DAY -> formats(form, LocalDate.EPOCH);
            case MOMENT -> formats(form, LocalDate.EPOCH.atStartOfDay().atOffset(ZoneOffset.UTC));
            case AMOUNT -> form.equalsIgnoreCase(CENTS);
            case WEIGHT -> unit(form).isPresent();
        };
    }

    /** As others read it; nothing where there is nothing. */
    String written(String kept, Optional<String> asked) {
        if (kept.isEmpty()) {
            return "";
        }
        String form = asked.orElse(usual);
        return switch (this) {
            case TEXT -> inCase(kept, form);
            case COUNT -> kept;
            case SEVERAL -> String.join(form.equals(LINES) ? "\n" : form, lines(kept));
            case DAY -> pattern(form).format(LocalDate.parse(kept));
            case MOMENT -> pattern(form).format(OffsetDateTime.parse(kept));
            case AMOUNT ->
                form.equalsIgnoreCase(CENTS)
                        ? new BigDecimal(kept).movePointRight(2).toPlainString()
                        : kept;
            case WEIGHT ->
                new Weight(Long.parseLong(kept))
                        .in(unit(form).orElse(WeightUnit.POUND), PLACES)
                        .stripTrailingZeros()
                        .toPlainString();
        };
    }

    private static String inCase(String text, String form) {
        if (form.equalsIgnoreCase(UPPER)) {
            return text.toUpperCase(Locale.ROOT);
        }
        return form.equalsIgnoreCase(LOWER) ? text.toLowerCase(Locale.ROOT) : text;
    }

    static List<String> lines(String kept) {
        return Arrays.stream(kept.split("\n", -1))
                .filter(each -> !each.isEmpty())
                .toList();
    }

    private static Optional<WeightUnit> unit(String form) {
        return Arrays.stream(WeightUnit.values())
                .filter(each -> each.symbol().equalsIgnoreCase(form))
                .findFirst();
    }

    private static DateTimeFormatter pattern(String form) {
        return DateTimeFormatter.ofPattern(form, Locale.US);
    }

    private static boolean formats(String form, TemporalAccessor sample) {
        try {
            return !pattern(form).format(sample).isBlank();
        } catch (IllegalArgumentException | DateTimeException noPattern) {
            return false;
        }
    }
}
