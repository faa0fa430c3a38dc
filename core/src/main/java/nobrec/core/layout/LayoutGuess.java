package nobrec.core.layout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nobrec.core.layout.OrderField.Part;
import nobrec.core.limit.Limits;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;
import nobrec.core.notation.FigureText;
import nobrec.core.wordbook.SourceWords;
import nobrec.core.wordbook.WordKind;

/**
 * A layout for a file nobody has seen before, from its headings and some of its rows. The surest column takes its field first;
 * what is not sure enough is left to a person.
 */
public final class LayoutGuess {

    /** Below this a guess would more often be wrong than right. */
    private static final int SURE = 30;

    private static final int CONTENTS_ALONE = 45;
    private static final int CONTENTS_TOO = 25;

    /** {@code Item 3}, {@code qty_3}, {@code Line 3 Qty}, {@code L3 Item}. */
    private static final Pattern NUMBER_LAST = Pattern.compile("(.*?[^0-9\\s_.-])[\\s_.-]*0*([1-9][0-9]?)");

    private static final Pattern NUMBER_FIRST =
            Pattern.compile("(?i)(?:line|item|ln|l|row|part|product)?[\\s_.-]*0*([1-9][0-9]?)[\\s_.-]+(.+)");

    private record Candidate(int column, FieldTarget target, int score) {}

    /** A heading that is one of a group of columns that repeat: its name without the number, and the number. */
    private record Numbered(String name, int number) {}

    private final List<String> header;
    private final List<ColumnContents> contents;
    private final List<List<String>> rows;
    private final Map<Integer, Numbered> repeated;

    private LayoutGuess(List<String> header, List<List<String>> rows, SourceWords words) {
        this.header = header;
        this.rows = rows;
        this.contents = new ArrayList<>();
        for (int at = 0; at < header.size(); at++) {
            contents.add(new ColumnContents(column(at), words));
        }
        this.repeated = repeated(header);
    }

    /**
     * Guesses.
     *
     * @param rows some of the rows below the heading
     * @param words those known here
     * @param usual how the shop writes, where the file does not show it
     */
    public static OrderLayout of(
            String name, List<String> header, List<List<String>> rows, SourceWords words, LayoutNotation usual) {
        return new LayoutGuess(header, rows, words).guess(name, usual);
    }

    private OrderLayout guess(String name, LayoutNotation usual) {
        List<Candidate> candidates = new ArrayList<>();
        for (int at = 0; at < header.size(); at++) {
            candidates.addAll(candidates(at));
        }
        candidates.sort(Comparator.comparingInt(Candidate::score).reversed().thenComparing(Candidate::column));
        Map<FieldTarget, String> columns = new HashMap<>();
        Set<Integer> taken = new HashSet<>();
        for (Candidate each : candidates) {
            if (!taken.contains(each.column()) && !columns.containsKey(each.target()) && !contradicts(each, columns)) {
                columns.put(each.target(), header.get(each.column()));
                taken.add(each.column());
            }
        }
        RowShape shape = repeated.isEmpty() ? RowShape.LINE_A_ROW : RowShape.ORDER_A_ROW;
        return new OrderLayout(name, shape, columns, Map.of(), notation(usual, columns));
    }

    /** A piece has one size or three sides. */
    private static boolean contradicts(Candidate candidate, Map<FieldTarget, String> columns) {
        Set<OrderField> sides = EnumSet.of(OrderField.UNIT_LENGTH, OrderField.UNIT_WIDTH, OrderField.UNIT_HEIGHT);
        int line = candidate.target().line();
        if (candidate.target().field() == OrderField.UNIT_SIZE) {
            return sides.stream().anyMatch(side -> columns.containsKey(new FieldTarget(side, "", line)));
        }
        return sides.contains(candidate.target().field())
                && columns.containsKey(new FieldTarget(OrderField.UNIT_SIZE, "", line));
    }

    private List<Candidate> candidates(int at) {
        if (header.get(at).isBlank()) {
            return List.of();
        }
        Numbered numbered = repeated.get(at);
        Map<OrderField, Integer> scores = HeadingWords.scores(numbered == null ? header.get(at) : numbered.name());
        List<Candidate> candidates = new ArrayList<>();
        for (OrderField field : OrderField.values()) {
            boolean line = field.part() == Part.LINE;
            if (field.isCustom() || (!repeated.isEmpty() && line != (numbered != null))) {
                continue;
            }
            int score = score(field, scores.getOrDefault(field, 0), contents.get(at));
            if (score >= SURE) {
                int number = line ? (numbered == null ? 1 : numbered.number()) : 0;
                candidates.add(new Candidate(at, new FieldTarget(field, "", number), score));
            }
        }
        return candidates;
    }

    /** What the cells look like can confirm a heading, contradict it, or stand for one that says nothing. */
    private static int score(OrderField field, int heading, ColumnContents cells) {
        boolean looksLike = !cells.isEmpty() && looksLike(field, cells);
        if (heading == 0) {
            return looksLike && speaksForItself(field) ? CONTENTS_ALONE : 0;
        }
        if (!cells.canBe(field.form())) {
            return heading / 4;
        }
        return looksLike ? heading + CONTENTS_TOO : heading;
    }

    private static boolean looksLike(OrderField field, ColumnContents cells) {
        return switch (field) {
            case PROMISE_DATE -> cells.areDays();
            case MAIL -> cells.areMails();
            case PHONE -> cells.arePhones();
            case STATE -> cells.areStates();
            case POSTAL_CODE -> cells.arePostalCodes();
            case COUNTRY, ORIGIN, BILL_COUNTRY -> cells.areCountries();
            case UNIT_SIZE -> cells.areSizes();
            case UNIT_WEIGHT -> cells.areWeightsWithUnit();
            case SERVICE -> cells.areKnown(WordKind.SERVICE);
            case TERMS -> cells.areKnown(WordKind.TERMS);
            case CARTON -> cells.areKnown(WordKind.PACKAGE);
            case SITE -> cells.areKnown(WordKind.SITE);
            case QUANTITY -> cells.areWhole();
            default -> false;
        };
    }

    /** Fields whose contents nothing else looks like. */
    private static boolean speaksForItself(OrderField field) {
        return switch (field) {
            case MAIL, STATE, UNIT_SIZE, SERVICE, TERMS -> true;
            default -> false;
        };
    }

    private LayoutNotation notation(LayoutNotation usual, Map<FieldTarget, String> columns) {
        DayText.Order days = usual.days();
        FigureText.Marks marks = new FigureText.Marks();
        WeightUnit weight = usual.weightUnit();
        LengthUnit length = usual.lengthUnit();
        for (Map.Entry<FieldTarget, String> each : columns.entrySet()) {
            int at = header.indexOf(each.getValue());
            String heading = each.getValue();
            switch (each.getKey().field().form()) {
                case DAY -> days = contents.get(at).showDayFirst() ? DayText.Order.DAY_FIRST : days;
                case WEIGHT -> weight = HeadingUnits.weight(heading).orElse(weight);
                case LENGTH, SIZE -> length = HeadingUnits.length(heading).orElse(length);
                default -> {}
            }
            if (each.getKey().field().form().hasFigures()) {
                column(at).forEach(marks::add);
            }
        }
        DecimalMark decimals = marks.shown();
        return new LayoutNotation(
                days, weight, length, decimals == DecimalMark.UNKNOWN ? usual.decimals() : decimals, usual.country());
    }

    private List<String> column(int at) {
        return rows.stream().map(row -> at < row.size() ? row.get(at) : "").toList();
    }

    /** Columns of line fields that come with numbers from one on, at least two of a name; by their place. */
    private static Map<Integer, Numbered> repeated(List<String> header) {
        Map<Integer, Numbered> numbered = new HashMap<>();
        Map<String, Set<Integer>> numbers = new HashMap<>();
        for (int at = 0; at < header.size(); at++) {
            int place = at;
            numbered(header.get(at)).ifPresent(each -> {
                numbered.put(place, each);
                numbers.computeIfAbsent(HeadingWords.plain(each.name()), name -> new HashSet<>())
                        .add(each.number());
            });
        }
        numbered.values().removeIf(each -> {
            Set<Integer> found = numbers.getOrDefault(HeadingWords.plain(each.name()), Set.of());
            return !found.contains(1)
                    || found.size() < 2
                    || !isOfALine(each.name())
                    || each.number() > Limits.LINES_OF_ROW;
        });
        return numbered;
    }

    private static Optional<Numbered> numbered(String heading) {
        Matcher last = NUMBER_LAST.matcher(heading.strip());
        if (last.matches()) {
            return Optional.of(new Numbered(last.group(1), Integer.parseInt(last.group(2))));
        }
        Matcher first = NUMBER_FIRST.matcher(heading.strip());
        return first.matches()
                ? Optional.of(new Numbered(first.group(2), Integer.parseInt(first.group(1))))
                : Optional.empty();
    }

    private static boolean isOfALine(String name) {
        return HeadingWords.scores(name).entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .filter(best -> best.getKey().part() == Part.LINE)
                .isPresent();
    }
}
