package nobrec.core.returns;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nobrec.core.refusal.Refusal;

/**
 * What came, beside what was expected.
 *
 * @param lines one for each line that was expected, in their order
 */
public record Receipt(List<Line> lines) {

    /** Pieces that are to come back of a line. */
    public record Expected(int position, String item, int quantity) {}

    /**
     * Pieces that came of a line.
     *
     * @param quantity zero where none came
     */
    public record Came(int position, int quantity, ReturnCondition condition) {}

    /** A line with both. */
    public record Line(Expected expected, Came came) {

        /** What is to be said of it; nothing where all came as new. */
        Optional<String> said() {
            String item = expected.item();
            if (came.quantity() == 0) {
                return Optional.of("no " + item);
            }
            String pieces = came.quantity() == expected.quantity()
                    ? came.quantity() + " " + item
                    : came.quantity() + " of " + expected.quantity() + " " + item;
            return came.condition() == ReturnCondition.GOOD && came.quantity() == expected.quantity()
                    ? Optional.empty()
                    : Optional.of(pieces + " " + came.condition().words());
        }
    }

    public Receipt {
        lines = List.copyOf(lines);
    }

    /**
     * Lines of which nothing is said did not come.
     *
     * @throws Refusal when more came than went, or of what was not expected
     */
    public static Receipt of(List<Expected> expected, List<Came> came) {
        Map<Integer, Came> byPosition = new HashMap<>();
        for (Came each : came) {
            if (byPosition.put(each.position(), each) != null) {
                throw Refusal.unusable("Line " + each.position(), "It is there twice.", "Say once what came of it.");
            }
        }
        List<Line> lines = new ArrayList<>();
        Set<Integer> left = new HashSet<>(byPosition.keySet());
        for (Expected each : expected) {
            left.remove(each.position());
            Came here = byPosition.getOrDefault(each.position(), new Came(each.position(), 0, ReturnCondition.GOOD));
            if (here.quantity() < 0 || here.quantity() > each.quantity()) {
                throw Refusal.unusable(
                        each.item(),
                        here.quantity() + " pieces cannot come back: " + each.quantity() + " were to.",
                        "Count again. What does not belong to it is a return of its own.");
            }
            lines.add(new Line(each, here));
        }
        if (!left.isEmpty()) {
            throw Refusal.unusable(
                    "Line " + left.iterator().next(), "It does not belong to this return.", "Reload the page.");
        }
        if (lines.stream().allMatch(line -> line.came().quantity() == 0)) {
            throw Refusal.unusable("The return", "Nothing came by this.", "Say how many pieces came.");
        }
        return new Receipt(lines);
    }

    public int pieces() {
        return lines.stream().mapToInt(line -> line.came().quantity()).sum();
    }

    /** In words: {@code all as expected}, or what is not. */
    public String words() {
        List<String> said = lines.stream().flatMap(line -> line.said().stream()).toList();
        return said.isEmpty() ? "all as expected" : String.join(", ", said);
    }
}
