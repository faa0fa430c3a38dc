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
import java.util.stream.Collectors;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;

/**
 * How a fact is kept and written. Kept as a text that loses nothing: a day as ISO 8601, an amount with its two places, a weight in
 * eighths of a nanogram, several texts with a line feed between them.
 */
public enum FactKind {
    TEXT("") {
        @Override
        String write(String kept, String form) {
            return switch (form.toLowerCase(Locale.ROOT)) {
                case "upper" -> kept.toUpperCase(Locale.ROOT);
                case "lower" -> kept.toLowerCase(Locale.ROOT);
                default -> kept;
            };
        }

        @Override
        boolean knows(String form) {
            return form.equalsIgnoreCase("upper") || form.equalsIgnoreCase("lower");
        }

        @Override
        public String forms() {
            return "upper, lower";
        }
    },
    COUNT("") {
        @Override
        String write(String kept, String form) {
            return kept;
        }

        @Override
        boolean knows(String form) {
            return false;
        }

        @Override
        public String forms() {
            return "";
        }
    },
    SEVERAL(", ") {
        @Override
        String write(String kept, String form) {
            return String.join(form.equals("lines") ? "\n" : form, lines(kept));
        }

        @Override
        boolean knows(String form) {
            return true;
        }

        @Override
        public String forms() {
            return "what stands between them, or lines";
        }
    },
    DAY("uuuu-MM-dd") {
        @Override
        String write(String kept, String form) {
            return pattern(form).format(LocalDate.parse(kept));
        }

        @Override
        boolean knows(String form) {
            return formats(form, LocalDate.EPOCH);
        }

        @Override
        public String forms() {
            return "a pattern as MM/dd/yyyy";
        }
    },
    MOMENT("uuuu-MM-dd'T'HH:mm:ssXXX") {
        @Override
        String write(String kept, String form) {
            return pattern(form).format(OffsetDateTime.parse(kept));
        }

        @Override
        boolean knows(String form) {
            return formats(form, LocalDate.EPOCH.atStartOfDay().atOffset(ZoneOffset.UTC));
        }

        @Override
        public String forms() {
            return "a pattern as MM/dd/yyyy HH:mm";
        }
    },
    AMOUNT("") {
        @Override
        String write(String kept, String form) {
            return form.equalsIgnoreCase("cents")
                    ? new BigDecimal(kept).movePointRight(2).toPlainString()
                    : kept;
        }

        @Override
        boolean knows(String form) {
            return form.equalsIgnoreCase("cents");
        }

        @Override
        public String forms() {
            return "cents";
        }
    },
    WEIGHT("lb") {
        @Override
        String write(String kept, String form) {
            WeightUnit unit = unit(form).orElse(WeightUnit.POUND);
            return new Weight(Long.parseLong(kept))
                    .in(unit, PLACES)
                    .stripTrailingZeros()
                    .toPlainString();
        }

        @Override
        boolean knows(String form) {
            return unit(form).isPresent();
        }

        @Override
        public String forms() {
            return Arrays.stream(WeightUnit.values()).map(WeightUnit::symbol).collect(Collectors.joining(", "));
        }
    };

    private static final int PLACES = 3;

    private final String usual;

    FactKind(String usual) {
        this.usual = usual;
    }

    /** Whether a template may ask for it in this form. */
    abstract boolean knows(String form);

    abstract String write(String kept, String form);

    /** What forms there are, in words; empty text for none. */
    public abstract String forms();

    /** As others read it; nothing where there is nothing. */
    String written(String kept, Optional<String> form) {
        return kept.isEmpty() ? "" : write(kept, form.orElse(usual));
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
