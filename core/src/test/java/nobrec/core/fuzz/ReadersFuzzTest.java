package nobrec.core.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import nobrec.core.address.AddressCheck;
import nobrec.core.address.AddressCheck.KnownPostalCode;
import nobrec.core.address.PostalAddress;
import nobrec.core.intake.BoundLayout;
import nobrec.core.intake.OrderDefaults;
import nobrec.core.intake.OrderReader;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.layout.FieldTarget;
import nobrec.core.layout.LayoutNotation;
import nobrec.core.layout.OrderField;
import nobrec.core.layout.OrderLayout;
import nobrec.core.layout.RowShape;
import nobrec.core.limit.Limits;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;
import nobrec.core.notation.MeasureText;
import nobrec.core.notation.MoneyText;
import nobrec.core.notation.Reading;
import nobrec.core.ratesheet.Tariff;
import nobrec.core.ratesheet.file.RateSheetReader;
import nobrec.core.ratesheet.file.SheetReading;
import nobrec.core.rating.DemoRates;
import nobrec.core.rating.Offer;
import nobrec.core.wordbook.KnownWords;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Everything that reads, on what comes in wrong: it reads or refuses with reason and remedy, and never means something else. */
class ReadersFuzzTest {

    private static final int ROUNDS = 3_000;
    private static final Pattern PLAIN_WEIGHT = Pattern.compile("(\\d{1,4}(?:\\.\\d{1,3})?) ?(lb|kg)");

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void measuresAmountsAndDays(long seed) {
        Random random = new Random(seed);
        List<String> good = List.of("4 lb 3 oz", "12.5 kg", "18x12x6 in", "1,250.75", "12/03/2026", "2 1/4 lb");
        for (int round = 0; round < ROUNDS; round++) {
            String text = Odd.changed(good.get(random.nextInt(good.size())), random);
            DecimalMark mark = DecimalMark.values()[random.nextInt(3)];
            saysWhy(MeasureText.readSize(text, UnitSystem.POUND_INCH, mark));
            saysWhy(MeasureText.readLength(text, UnitSystem.KILOGRAM_CENTIMETER, mark));
            saysWhy(MoneyText.readCents(text, mark));
            Reading<LocalDate> day = DayText.read(text, DayText.Order.values()[random.nextInt(2)]);
            saysWhy(day);
            assertThat(day.found().stream()).allMatch(Limits::holdsDay);
            Reading<Weight> weight = MeasureText.readWeight(text, UnitSystem.POUND_INCH, mark);
            saysWhy(weight);
            assertThat(weight.found().stream()).noneMatch(each -> each.isAbove(Limits.WEIGHT) || each.isZero());
            Matcher plain = PLAIN_WEIGHT.matcher(text);
            if (plain.matches() && mark == DecimalMark.POINT && weight.found().isPresent()) {
                WeightUnit unit = plain.group(2).equals("lb") ? WeightUnit.POUND : WeightUnit.KILOGRAM;
                assertThat(weight.found()).contains(Weight.of(new BigDecimal(plain.group(1)), unit));
            }
        }
    }

    private static void saysWhy(Reading<?> reading) {
        if (reading instanceof Reading.Refused<?> refused) {
            assertThat(refused.reason()).isNotBlank().hasSizeLessThan(300);
            assertThat(refused.remedy()).isNotBlank().hasSizeLessThan(300);
        }
    }

    private static final List<OrderField> FIELDS = Stream.of(OrderField.values())
            .filter(field -> !field.isCustom())
            .filter(field -> !Set.of(OrderField.UNIT_LENGTH, OrderField.UNIT_WIDTH, OrderField.UNIT_HEIGHT)
                    .contains(field))
            .toList();

    /** An order is taken with all its rows or named among those left out; nothing is half in, and nothing is lost. */
    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14})
    void ordersAreWholeOrOut(long seed) {
        Random random = new Random(seed);
        Map<FieldTarget, String> columns = new HashMap<>();
        FIELDS.forEach(field -> columns.put(FieldTarget.of(field), field.name()));
        OrderLayout layout = new OrderLayout(
                "all",
                RowShape.LINE_A_ROW,
                columns,
                Map.of(),
                new LayoutNotation(
                        DayText.Order.MONTH_FIRST, WeightUnit.POUND, LengthUnit.INCH, DecimalMark.POINT, "US"));
        BoundLayout bound = BoundLayout.of(
                layout,
                FIELDS.stream().map(Enum::name).toList(),
                new KnownWords(List.of(), List.of(), List.of(), List.of()),
                OrderDefaults.NONE);
        for (int round = 0; round < 200; round++) {
            List<OrderReader.Row> rows = new ArrayList<>();
            Map<String, Integer> rowsOf = new HashMap<>();
            for (int row = 0; row < 12; row++) {
                List<String> cells = cells("N-" + row / 2);
                if (random.nextInt(4) == 0) {
                    int at = 1 + random.nextInt(cells.size() - 1);
                    cells.set(at, Odd.changed(cells.get(at), random));
                }
                rows.add(new OrderReader.Row(row + 2, cells));
                rowsOf.merge(cells.get(0), 1, Integer::sum);
            }
            OrderReader.Result result = OrderReader.read(bound, rows);
            Set<String> out = Set.copyOf(result.faultyOrders());
            assertThat(result.orders().size() + out.size()).isEqualTo(rowsOf.size());
            for (WorkOrderDraft order : result.orders()) {
                assertThat(out).doesNotContain(order.number());
                assertThat(order.lines()).hasSize(rowsOf.get(order.number()));
                assertThat(order.lines()).allMatch(line -> line.quantity() == 6 || line.quantity() > 0);
            }
            assertThat(result.faults())
                    .allMatch(fault -> !fault.reason().isBlank()
                            && !fault.remedy().isBlank()
                            && fault.value().length() <= Limits.TEXT);
        }
    }

    private static List<String> cells(String number) {
        Map<OrderField, String> texts = new EnumMap<>(Map.of(
                OrderField.ORDER_NUMBER, number,
                OrderField.COMPANY, "Works",
                OrderField.STREET, "1 Road",
                OrderField.POSTAL_CODE, "53703",
                OrderField.PROMISE_DATE, "12/03/2026",
                OrderField.QUANTITY, "6",
                OrderField.UNIT_WEIGHT, "4 lb 3 oz",
                OrderField.UNIT_SIZE, "18x12x6",
                OrderField.UNIT_VALUE, "1,250.00",
                OrderField.LOTS, "A=4;B=2"));
        return new ArrayList<>(
                FIELDS.stream().map(field -> texts.getOrDefault(field, "")).toList());
    }

    /** A sheet is refused by row, or prices every shipment without a fault and never below nothing. */
    @ParameterizedTest
    @ValueSource(strings = {"plover-ground-2026.csv", "dunlin-two-day-2026.csv", "curlew-freight-2026.csv"})
    void rateSheets(String file) throws IOException {
        Random random = new Random(file.hashCode());
        List<List<String>> good = DemoRates.rows(Files.readString(Path.of("../demo/rates", file)));
        for (int round = 0; round < 400; round++) {
            List<List<String>> rows = new ArrayList<>(
                    good.stream().<List<String>>map(ArrayList::new).toList());
            for (int change = 0; change <= random.nextInt(3); change++) {
                change(rows, random);
            }
            SheetReading reading = RateSheetReader.read(rows, DecimalMark.POINT);
            assertThat(reading.faults())
                    .allMatch(fault -> fault.row() > 0 && !fault.reason().isBlank());
            assertThat(reading.faults()).noneMatch(fault -> fault.reason().contains("()"));
            reading.tariff().ifPresent(ReadersFuzzTest::pricesAll);
        }
    }

    private static void change(List<List<String>> rows, Random random) {
        int row = random.nextInt(rows.size());
        switch (random.nextInt(4)) {
            case 0 -> rows.remove(row);
            case 1 -> rows.add(row, rows.get(random.nextInt(rows.size())));
            default -> {
                List<String> cells = new ArrayList<>(rows.get(row));
                int at = random.nextInt(cells.size());
                cells.set(at, Odd.changed(cells.get(at), random));
                rows.set(row, cells);
            }
        }
    }

    private static void pricesAll(Tariff tariff) {
        IntStream.rangeClosed(1, 8)
                .forEach(zone -> Stream.of("0.1", "1", "75", "149", "9000").forEach(pounds -> {
                    Offer offer = DemoRates.offer(
                            DemoRates.shipment(
                                    DemoRates.residenceInZone(zone), Set.of(), DemoRates.parcel(1, pounds, "30x20x10")),
                            tariff,
                            "17.35");
                    assertThat(offer.totalCents()).isNotNegative();
                }));
    }

    @Test
    void addresses() {
        Random random = new Random(5);
        KnownPostalCode known = new KnownPostalCode("53703", "Madison", "WI");
        for (int round = 0; round < ROUNDS; round++) {
            PostalAddress address = new PostalAddress(
                    Odd.changed("Works", random),
                    "",
                    Odd.changed("1 Road", random),
                    "",
                    Odd.changed("Madison", random),
                    Odd.changed("WI", random),
                    Odd.changed("53703", random),
                    random.nextInt(5) == 0 ? Odd.text(random) : "US");
            PostalAddress standard = address.inStandardSpelling();
            assertThat(standard.inStandardSpelling()).isEqualTo(standard);
            AddressCheck.check(
                            standard,
                            Optional.of(known).filter(each -> each.code().equals(standard.fiveDigitCode())))
                    .forEach(finding -> assertThat(finding.reason()).isNotBlank());
        }
    }
}
