package nobrec.core.intake;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import nobrec.core.address.PostalAddress;
import nobrec.core.charging.FreightTerms;
import nobrec.core.customs.DutyPayer;
import nobrec.core.customs.ExportDetails;
import nobrec.core.customs.ExportReason;
import nobrec.core.customs.Incoterm;
import nobrec.core.item.FreightClass;
import nobrec.core.item.GoodsClass;
import nobrec.core.item.Handling;
import nobrec.core.item.LineGoods;
import nobrec.core.item.LotShare;
import nobrec.core.layout.FieldTarget;
import nobrec.core.layout.LayoutNotation;
import nobrec.core.layout.LayoutRules;
import nobrec.core.layout.OrderField;
import nobrec.core.layout.OrderField.Part;
import nobrec.core.layout.OrderLayout;
import nobrec.core.layout.RowShape;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;
import nobrec.core.wordbook.KnownWords;
import nobrec.core.workorder.Clearance;
import nobrec.core.workorder.Particulars;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever layout writes a work order reads it back as it was. */
class OrderWriterTest {

    private static final KnownWords WORDS = new KnownWords(
            List.of(word("Plover Ground"), word("Dunlin Two Day")),
            List.of(word("BOX-1"), word("TUBE-2")),
            List.of(word("MAIN"), word("NORTH")),
            List.of(word("WEBSHOP")));

    private static final List<String> TEXTS = List.of(
            "",
            "Works",
            "=SUM(A1)",
            "+1 608",
            "-x",
            "@home",
            "'=quoted",
            "a, \"b\"; c",
            "Größe\u00A0x",
            "0",
            "1/2",
            "'plain");

    private static KnownWords.Word word(String word) {
        return new KnownWords.Word(word, List.of(word));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void everyLayoutReadsBackWhatItWrote(long seed) {
        Random random = new Random(seed);
        for (int round = 0; round < 100; round++) {
            OrderLayout layout = layout(random);
            LayoutRules.require(layout);
            OrderWriter writer = new OrderWriter(layout);
            List<WorkOrderDraft> orders = IntStream.range(0, 4)
                    .mapToObj(number -> order("N-" + number, random))
                    .toList();
            List<OrderReader.Row> rows = new ArrayList<>();
            orders.forEach(order ->
                    writer.rows(order).forEach(cells -> rows.add(new OrderReader.Row(rows.size() + 2, cells))));
            OrderReader.Result read =
                    OrderReader.read(BoundLayout.of(layout, writer.header(), WORDS, OrderDefaults.NONE), rows);
            assertThat(read.faults()).isEmpty();
            assertThat(read.orders()).hasSameSizeAs(orders);
            for (int at = 0; at < orders.size(); at++) {
                assertThat(read.orders().get(at)).isEqualTo(orders.get(at));
            }
        }
    }

    private static OrderLayout layout(Random random) {
        RowShape shape = RowShape.values()[random.nextInt(2)];
        int lines = shape == RowShape.LINE_A_ROW ? 1 : 1 + random.nextInt(40);
        boolean sides = random.nextBoolean();
        Map<FieldTarget, String> columns = new HashMap<>();
        for (OrderField field : OrderField.values()) {
            boolean side = field == OrderField.UNIT_LENGTH
                    || field == OrderField.UNIT_WIDTH
                    || field == OrderField.UNIT_HEIGHT;
            if ((side && !sides) || (field == OrderField.UNIT_SIZE && sides)) {
                continue;
            }
            for (int line = 1; line <= (field.part() == Part.HEAD ? 1 : lines); line++) {
                int at = field.part() == Part.HEAD ? 0 : line;
                String custom = field.isCustom() ? "Shelf" : "";
                columns.put(new FieldTarget(field, custom, at), "Column " + field + " " + at);
            }
        }
        return new OrderLayout(
                "random",
                shape,
                columns,
                Map.of(),
                new LayoutNotation(
                        DayText.Order.values()[random.nextInt(2)],
                        WeightUnit.values()[random.nextInt(WeightUnit.values().length)],
                        LengthUnit.values()[random.nextInt(LengthUnit.values().length)],
                        random.nextBoolean() ? DecimalMark.POINT : DecimalMark.COMMA,
                        "US"));
    }

    private static ExportDetails anyExport(Random random) {
        return new ExportDetails(
                random.nextBoolean() ? Optional.of(any(List.of(Incoterm.values()), random)) : Optional.empty(),
                random.nextBoolean() ? Optional.of(any(List.of(ExportReason.values()), random)) : Optional.empty(),
                random.nextBoolean() ? Optional.of(any(List.of(DutyPayer.values()), random)) : Optional.empty(),
                any(List.of("", "EUR", "JPY"), random),
                random.nextBoolean()
                        ? Optional.of(new PostalAddress("Kato Works", "", "1 Kiso", "", "Nagoya", "", "450-0002", "JP"))
                        : Optional.empty());
    }

    private static <T> T any(List<T> values, Random random) {
        return values.get(random.nextInt(values.size()));
    }

    private static String text(Random random) {
        return any(TEXTS, random).replace('\u00A0', ' ');
    }

    private static PostalAddress address(Random random, String country) {
        return new PostalAddress(
                text(random), text(random), text(random), text(random), text(random), "WI", "53703", country);
    }

    private static WorkOrderDraft order(String number, Random random) {
        List<WorkOrderDraft.Line> lines = IntStream.rangeClosed(1, 1 + random.nextInt(40))
                .mapToObj(line -> line(random))
                .toList();
        return new WorkOrderDraft(
                number,
                text(random),
                text(random),
                address(random, "US"),
                text(random),
                text(random),
                random.nextBoolean()
                        ? Optional.of(LocalDate.of(2026, 1, 1).plusDays(random.nextInt(900)))
                        : Optional.empty(),
                any(List.of("", "Plover Ground", "Dunlin Two Day"), random),
                any(List.of(FreightTerms.values()), random),
                text(random),
                random.nextBoolean() ? Optional.of((long) random.nextInt(9_999_999)) : Optional.empty(),
                new Particulars(
                        text(random),
                        any(List.of("", "MAIN", "NORTH"), random),
                        any(List.of("", "BOX-1"), random),
                        any(List.of("", "credit"), random),
                        random.nextBoolean(),
                        random.nextBoolean() ? "first line\nsecond, with; signs" : "",
                        List.of(text(random), text(random)),
                        address(random, any(List.of("US", "CA"), random)),
                        any(List.of("", "WEBSHOP"), random),
                        text(random),
                        random.nextBoolean() ? Map.of("Shelf", "B 4") : Map.of(),
                        Clearance.NONE,
                        anyExport(random)),
                lines,
                List.of());
    }

    static WorkOrderDraft.Line line(Random random) {
        int quantity = 2 + random.nextInt(18);
        int first = 1 + random.nextInt(quantity - 1);
        return new WorkOrderDraft.Line(
                text(random),
                text(random),
                quantity,
                random.nextBoolean() ? Optional.of(random.nextInt(quantity)) : Optional.empty(),
                random.nextBoolean()
                        ? Optional.of(Weight.of(
                                new BigDecimal(1 + random.nextInt(2_000)).movePointLeft(2 + random.nextInt(3)),
                                any(List.of(WeightUnit.POUND, WeightUnit.KILOGRAM, WeightUnit.GRAM), random)))
                        : Optional.empty(),
                random.nextBoolean()
                        ? Optional.of(new Size(side(random), side(random), side(random)))
                        : Optional.empty(),
                new Handling(random.nextBoolean(), random.nextBoolean(), random.nextBoolean()),
                random.nextBoolean()
                        ? List.of(new LotShare("A1", first), new LotShare("B2", quantity - first))
                        : Collections.emptyList(),
                new LineGoods(
                        random.nextBoolean() ? Optional.of((long) random.nextInt(99_999)) : Optional.empty(),
                        any(List.of("", "8484.20"), random),
                        any(List.of("", "US"), random),
                        random.nextBoolean()
                                ? Optional.of(any(List.of(GoodsClass.values()), random))
                                : Optional.empty(),
                        random.nextBoolean() ? FreightClass.read("92.5") : Optional.empty(),
                        any(List.of("", "Rubber gaskets, not cellular"), random)),
                random.nextBoolean() ? Map.of("Shelf", "L 9") : Map.of());
    }

    private static Length side(Random random) {
        return Length.of(
                new BigDecimal(1 + random.nextInt(400)).movePointLeft(random.nextInt(3)),
                any(List.of(LengthUnit.INCH, LengthUnit.MILLIMETER, LengthUnit.CENTIMETER), random));
    }
}
