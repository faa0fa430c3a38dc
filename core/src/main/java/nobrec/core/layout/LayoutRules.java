package nobrec.core.layout;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import nobrec.core.address.Countries;
import nobrec.core.layout.OrderField.Part;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;

/** What a layout must be like before it is kept. */
public final class LayoutRules {

    private LayoutRules() {}

    /** @throws Refusal with the first thing that is not as it must be */
    public static void require(OrderLayout layout) {
        String thing = "Layout “" + layout.name() + "”";
        if (layout.name().isBlank() || layout.name().length() > Limits.LAYOUT_NAME) {
            throw Refusal.unusable(
                    "The layout",
                    "It has no name, or a long one.",
                    "Name it in up to " + Limits.LAYOUT_NAME + " letters.");
        }
        if (!layout.columns().containsKey(FieldTarget.of(OrderField.ORDER_NUMBER))) {
            throw Refusal.unusable(
                    thing,
                    "No column feeds the job number.",
                    "Choose the column that has it; nothing else is required.");
        }
        layout.columns().forEach((target, heading) -> requireColumn(layout, thing, target, heading));
        layout.fixed().forEach((target, text) -> requireFixed(layout, thing, target, text));
        requireOneFieldAColumn(layout, thing);
        requireOneSize(layout, thing);
        if (Countries.read(layout.notation().country()).isEmpty()) {
            throw Refusal.unusable(
                    thing, "Its country for addresses without one is not known.", "Choose one by its two letters.");
        }
        if (layout.columns().size() > Limits.CELLS_OF_ROW) {
            throw Refusal.unusable(thing, "It has more than " + Limits.CELLS_OF_ROW + " columns.", "Leave some out.");
        }
    }

    private static void requireColumn(OrderLayout layout, String thing, FieldTarget target, String heading) {
        requireTarget(layout, thing, target);
        if (heading.isBlank() || heading.length() > Limits.HEADING) {
            throw Refusal.unusable(
                    thing,
                    "The column for " + target.label(layout.shape()) + " has no heading, or one that is too long.",
                    "Give it one of up to " + Limits.HEADING + " letters.");
        }
    }

    private static void requireFixed(OrderLayout layout, String thing, FieldTarget target, String text) {
        requireTarget(layout, thing, target);
        if (layout.columns().containsKey(target)) {
            throw Refusal.unusable(
                    thing, target.label(layout.shape()) + " has a column and a fixed text.", "Take one of them away.");
        }
        if (target.field() == OrderField.ORDER_NUMBER || text.length() > Limits.TEXT) {
            throw Refusal.unusable(
                    thing,
                    "The fixed text of " + target.label(layout.shape()) + " cannot be used.",
                    "Write up to " + Limits.TEXT + " letters; a job number comes from a column.");
        }
    }

    private static void requireTarget(OrderLayout layout, String thing, FieldTarget target) {
        int most = layout.shape() == RowShape.ORDER_A_ROW ? Limits.LINES_OF_ROW : 1;
        boolean head = target.field().part() == Part.HEAD;
        if (head ? target.line() != 0 : target.line() < 1 || target.line() > most) {
            throw Refusal.unusable(
                    thing,
                    "“" + target.field().label() + "” of line " + target.line() + " cannot stand in such a row.",
                    layout.shape() == RowShape.ORDER_A_ROW
                            ? "A row has lines 1 to " + Limits.LINES_OF_ROW + "."
                            : "One row is one line; choose one row an order if its columns repeat.");
        }
        String custom = target.custom();
        if (target.field().isCustom()
                ? custom.isBlank() || custom.length() > Limits.CUSTOM_NAME || !custom.equals(custom.strip())
                : !custom.isEmpty()) {
            throw Refusal.unusable(
                    thing,
                    "A custom field has no name, or one that cannot be used.",
                    "Name it in up to " + Limits.CUSTOM_NAME + " letters.");
        }
    }

    private static void requireOneFieldAColumn(OrderLayout layout, String thing) {
        Map<String, FieldTarget> byHeading = new HashMap<>();
        layout.columns().forEach((target, heading) -> {
            FieldTarget other = byHeading.put(OrderLayout.plain(heading), target);
            if (other != null) {
                String one = other.label(layout.shape());
                String two = target.label(layout.shape());
                throw Refusal.unusable(
                        thing,
                        "Column “" + heading + "” feeds two fields: "
                                + (one.compareTo(two) < 0 ? one + " and " + two : two + " and " + one) + ".",
                        "Leave it in one of them.");
            }
        });
    }

    private static void requireOneSize(OrderLayout layout, String thing) {
        Set<Integer> whole = new HashSet<>();
        Set<Integer> sides = new HashSet<>();
        layout.columns().keySet().forEach(target -> {
            switch (target.field()) {
                case UNIT_SIZE -> whole.add(target.line());
                case UNIT_LENGTH, UNIT_WIDTH, UNIT_HEIGHT -> sides.add(target.line());
                default -> {}
            }
        });
        whole.retainAll(sides);
        if (!whole.isEmpty()) {
            throw Refusal.unusable(
                    thing,
                    "A piece has a column for its size and others for its sides.",
                    "Use the one column, or length, width and height.");
        }
    }
}
