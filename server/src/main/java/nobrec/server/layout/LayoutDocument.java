package nobrec.server.layout;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.layout.FieldTarget;
import nobrec.core.layout.LayoutNotation;
import nobrec.core.layout.OrderField;
import nobrec.core.layout.OrderField.Part;
import nobrec.core.layout.OrderLayout;
import nobrec.core.layout.RowShape;
import nobrec.core.limit.Limits;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;
import nobrec.core.refusal.Refusal;

/**
 * A layout as it is kept, exported and imported.
 *
 * @param columns which column feeds which field
 * @param fixed what is said of fields that no column feeds
 * @param weightUnit of a weight without a unit
 * @param lengthUnit of a length without a unit
 * @param country of an address without one, by its two letters
 */
public record LayoutDocument(
        @NotNull @Size(max = Limits.LAYOUT_NAME) String name,
        @NotNull RowShape shape,
        @NotNull @Size(max = Limits.CELLS_OF_ROW) List<@NotNull @Valid ColumnUse> columns,
        @NotNull @Size(max = Limits.CUSTOM_FIELDS) List<@NotNull @Valid FixedText> fixed,
        @NotNull DayText.Order days,
        @NotNull WeightUnit weightUnit,
        @NotNull LengthUnit lengthUnit,
        @NotNull DecimalMark decimals,
        @NotNull @Size(max = 2) String country) {

    /**
     * @param custom name of a custom field; left out for ours
     * @param line which of the lines in a row; left out for the first one, and for what is said of the whole work order
     */
    public record ColumnUse(
            @NotNull @Size(max = Limits.HEADING) String heading,
            @NotNull OrderField field,
            Optional<@Size(max = Limits.CUSTOM_NAME) String> custom,
            Optional<Integer> line) {

        FieldTarget target() {
            return LayoutDocument.target(field, custom, line);
        }
    }

    /** @param custom name of a custom field; left out for ours */
    public record FixedText(
            @NotNull OrderField field,
            Optional<@Size(max = Limits.CUSTOM_NAME) String> custom,
            @NotNull @Size(max = Limits.TEXT) String text) {

        FieldTarget target() {
            return LayoutDocument.target(field, custom, Optional.empty());
        }
    }

    private static FieldTarget target(OrderField field, Optional<String> custom, Optional<Integer> line) {
        int usual = field.part() == Part.HEAD ? 0 : 1;
        return new FieldTarget(field, custom.orElse(""), line.orElse(usual));
    }

    public static LayoutDocument of(OrderLayout layout) {
        LayoutNotation notation = layout.notation();
        Comparator<Map.Entry<FieldTarget, String>> inOrder = Comparator.comparing(
                        (Map.Entry<FieldTarget, String> each) ->
                                each.getKey().field().part())
                .thenComparing(each -> each.getKey().line())
                .thenComparing(each -> each.getKey().field())
                .thenComparing(each -> each.getKey().custom());
        return new LayoutDocument(
                layout.name(),
                layout.shape(),
                layout.columns().entrySet().stream()
                        .sorted(inOrder)
                        .map(each -> column(each.getKey(), each.getValue(), layout.shape()))
                        .toList(),
                layout.fixed().entrySet().stream()
                        .sorted(inOrder)
                        .map(each -> new FixedText(each.getKey().field(), custom(each.getKey()), each.getValue()))
                        .toList(),
                notation.days(),
                notation.weightUnit(),
                notation.lengthUnit(),
                notation.decimals(),
                notation.country());
    }

    private static ColumnUse column(FieldTarget target, String heading, RowShape shape) {
        boolean numbered = target.line() > 0 && shape == RowShape.ORDER_A_ROW;
        return new ColumnUse(
                heading, target.field(), custom(target), numbered ? Optional.of(target.line()) : Optional.empty());
    }

    private static Optional<String> custom(FieldTarget target) {
        return Optional.of(target.custom()).filter(each -> !each.isEmpty());
    }

    /** @throws Refusal when a field has more than one column or text */
    public OrderLayout layout() {
        Map<FieldTarget, String> byTarget = new LinkedHashMap<>();
        columns.forEach(each -> put(byTarget, each.target(), each.heading()));
        Map<FieldTarget, String> texts = new LinkedHashMap<>();
        fixed.forEach(each -> put(texts, each.target(), each.text()));
        return new OrderLayout(
                name, shape, byTarget, texts, new LayoutNotation(days, weightUnit, lengthUnit, decimals, country));
    }

    private void put(Map<FieldTarget, String> all, FieldTarget target, String text) {
        String other = all.put(target, text);
        if (other != null) {
            throw Refusal.unusable(
                    "Layout “" + name + "”",
                    target.label(shape) + " is fed by “" + other + "” and by “" + text + "”.",
                    "Leave one of them.");
        }
    }
}
