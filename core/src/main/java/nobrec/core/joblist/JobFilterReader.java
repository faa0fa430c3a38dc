package nobrec.core.joblist;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import nobrec.core.joblist.JobCondition.Amount;
import nobrec.core.joblist.JobCondition.BeginsWith;
import nobrec.core.joblist.JobCondition.Days;
import nobrec.core.joblist.JobCondition.FieldSays;
import nobrec.core.joblist.JobCondition.Is;
import nobrec.core.joblist.JobCondition.Numbers;
import nobrec.core.joblist.JobCondition.OneOf;
import nobrec.core.limit.Limits;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;
import nobrec.core.notation.FigureText;
import nobrec.core.notation.MeasureText;
import nobrec.core.notation.Reading;

/**
 * Reads what a list is asked for from the words of its address: {@code customer=Fenwick&promised=..2026-12-04&sort=-weight}. What
 * cannot be read is left out and said, so that an old or a mistyped address still shows a list.
 */
public final class JobFilterReader {

    private static final String TEXT = "text";
    private static final String SORT = "sort";
    private static final String RANGE = "..";
    private static final int GRAM_PLACES = 12;

    private final UnitSystem units;
    private final DecimalMark decimals;
    private final LocalDate today;
    private final List<String> leftOut = new ArrayList<>();
    private final List<JobCondition> conditions = new ArrayList<>();

    private JobFilterReader(UnitSystem units, DecimalMark decimals, LocalDate today) {
        this.today = today;
        this.units = units;
        this.decimals = decimals;
    }

    /**
     * @param words of the address, by name; a name may be there more than once
     * @param today what {@code today}, {@code yesterday} and {@code tomorrow} are counted from
     */
    public static JobFilter read(
            Map<String, List<String>> words, UnitSystem units, DecimalMark decimals, LocalDate today) {
        return new JobFilterReader(units, decimals, today).filter(words);
    }

    private JobFilter filter(Map<String, List<String>> words) {
        words.forEach((name, values) -> {
            List<String> said = values.stream()
                    .map(String::strip)
                    .filter(each -> !each.isEmpty())
                    .toList();
            if (!name.equals(TEXT) && !name.equals(SORT) && !said.isEmpty()) {
                condition(name, said);
            }
        });
        String sort = first(words, SORT);
        Optional<JobColumn> column = JobColumn.of(sort.startsWith("-") ? sort.substring(1) : sort);
        if (column.isEmpty() && !sort.isEmpty()) {
            leftOut.add("The list cannot be sorted by “" + sort + "”; it stands in its usual order.");
        }
        return new JobFilter(
                conditions,
                text(words),
                column.orElse(usual()),
                column.isEmpty() ? usual() == JobColumn.CAME_IN : sort.startsWith("-"),
                leftOut);
    }

    /** A list narrowed by number stands by number, all others as they came in, the last first. */
    private JobColumn usual() {
        boolean byNumber = conditions.stream().anyMatch(each -> each.fact() == JobFact.NUMBER);
        return byNumber ? JobColumn.NUMBER : JobColumn.CAME_IN;
    }

    private String text(Map<String, List<String>> words) {
        List<String> all = List.of(first(words, TEXT).split("\\s+"));
        if (all.size() > Limits.WORDS_OF_SEARCH) {
            leftOut.add("Only the first " + Limits.WORDS_OF_SEARCH + " words of the text are looked for.");
        }
        return String.join(" ", all.subList(0, Math.min(all.size(), Limits.WORDS_OF_SEARCH)));
    }

    private static String first(Map<String, List<String>> words, String name) {
        return words.getOrDefault(name, List.of()).stream()
                .findFirst()
                .map(String::strip)
                .orElse("");
    }

    private void condition(String name, List<String> values) {
        if (conditions.size() == Limits.CONDITIONS_OF_LIST || values.size() > Limits.TEXTS_OF_TEST) {
            leave(name, "there are too many conditions");
        } else if (values.stream().anyMatch(each -> each.length() > Limits.TEXT)) {
            leave(name, "it is longer than " + Limits.TEXT + " letters");
        } else if (name.startsWith(JobFact.FIELD.key() + ".")) {
            conditions.add(new FieldSays(name.substring(JobFact.FIELD.key().length() + 1), values));
        } else {
            JobFact.of(name)
                    .filter(fact -> fact != JobFact.FIELD)
                    .ifPresentOrElse(fact -> condition(fact, values), () -> leave(name, "there is no such filter"));
        }
    }

    private void condition(JobFact fact, List<String> values) {
        String value = values.get(0);
        switch (fact.form()) {
            case WORDS, FIELD -> conditions.add(new OneOf(fact, values));
            case NUMBER -> conditions.add(number(value));
            case DAY -> range(fact, value, this::day, (first, last) -> new Days(fact, first, last));
            case MONEY -> range(fact, value, this::money, (least, most) -> new Amount(fact, least, most));
            case WEIGHT -> range(fact, value, this::grams, (least, most) -> new Amount(fact, least, most));
            case YES -> yes(fact, value);
        }
    }

    private void yes(JobFact fact, String value) {
        if (value.equals("yes") || value.equals("no")) {
            conditions.add(new Is(fact, value.equals("yes")));
        } else {
            leave(fact.key(), "it says neither yes nor no");
        }
    }

    private static JobCondition number(String value) {
        int at = value.indexOf(RANGE);
        return at < 0
                ? new BeginsWith(value.endsWith("*") ? value.substring(0, value.length() - 1) : value)
                : new Numbers(
                        value.substring(0, at).strip(),
                        value.substring(at + RANGE.length()).strip());
    }

    private interface Condition<T> {
        JobCondition of(Optional<T> first, Optional<T> last);
    }

    private <T> void range(JobFact fact, String value, Function<String, Reading<T>> reader, Condition<T> condition) {
        int at = value.indexOf(RANGE);
        String first = at < 0 ? value : value.substring(0, at).strip();
        String last = at < 0 ? value : value.substring(at + RANGE.length()).strip();
        Optional<Reading<T>> from = first.isEmpty() ? Optional.empty() : Optional.of(reader.apply(first));
        Optional<Reading<T>> to = last.isEmpty() ? Optional.empty() : Optional.of(reader.apply(last));
        Optional<String> refused = from.flatMap(JobFilterReader::reason).or(() -> to.flatMap(JobFilterReader::reason));
        if (refused.isPresent() || (from.isEmpty() && to.isEmpty())) {
            leave(fact.key(), refused.orElse("it says neither from where nor to where"));
        } else {
            conditions.add(condition.of(from.flatMap(Reading::found), to.flatMap(Reading::found)));
        }
    }

    private static Optional<String> reason(Reading<?> reading) {
        return reading instanceof Reading.Refused<?> refused ? Optional.of(refused.reason()) : Optional.empty();
    }

    private Reading<LocalDate> day(String text) {
        return switch (text) {
            case "yesterday" -> Reading.of(today.minusDays(1));
            case "today" -> Reading.of(today);
            case "tomorrow" -> Reading.of(today.plusDays(1));
            default -> DayText.read(text, DayText.Order.MONTH_FIRST);
        };
    }

    private Reading<BigDecimal> money(String text) {
        return FigureText.read(text, decimals);
    }

    private Reading<BigDecimal> grams(String text) {
        Reading<Weight> weight = MeasureText.readWeight(text, units, decimals);
        return weight.found()
                .map(each -> Reading.of(each.in(WeightUnit.GRAM, GRAM_PLACES)))
                .orElseGet(() -> Reading.refusedLike(weight, "", ""));
    }

    private void leave(String name, String reason) {
        String shown = name.length() <= Limits.CUSTOM_NAME ? name : name.substring(0, Limits.CUSTOM_NAME) + "…";
        leftOut.add("The filter “" + shown + "” is left out: " + reason + ".");
    }
}
