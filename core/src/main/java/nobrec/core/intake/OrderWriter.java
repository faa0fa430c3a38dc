package nobrec.core.intake;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nobrec.core.address.AddressText;
import nobrec.core.address.PostalAddress;
import nobrec.core.customs.DutyPayer;
import nobrec.core.customs.ExportReason;
import nobrec.core.customs.Incoterm;
import nobrec.core.item.FreightClass;
import nobrec.core.item.GoodsClass;
import nobrec.core.layout.FieldTarget;
import nobrec.core.layout.LayoutNotation;
import nobrec.core.layout.OrderField;
import nobrec.core.layout.OrderField.Part;
import nobrec.core.layout.OrderLayout;
import nobrec.core.layout.RowShape;
import nobrec.core.limit.Limits;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;
import nobrec.core.notation.MoneyText;
import nobrec.core.workorder.Particulars;

/** Writes work orders as rows of a layout, so that the layout reads them back as they are. */
public final class OrderWriter {

    private static final Comparator<FieldTarget> IN_READING_ORDER = Comparator.comparing(
                    (FieldTarget target) -> target.field().part())
            .thenComparing(FieldTarget::line)
            .thenComparing(FieldTarget::field)
            .thenComparing(FieldTarget::custom);

    private final LayoutNotation notation;
    private final RowShape shape;
    private final List<FieldTarget> targets;
    private final List<String> header;
    private final int linesOfRow;

    public OrderWriter(OrderLayout layout) {
        notation = layout.notation();
        shape = layout.shape();
        targets = layout.columns().keySet().stream().sorted(IN_READING_ORDER).toList();
        header = targets.stream().map(layout.columns()::get).toList();
        linesOfRow = targets.stream().mapToInt(FieldTarget::line).max().orElse(0);
    }

    /** What each cell of a row is of. */
    public List<FieldTarget> targets() {
        return targets;
    }

    public List<String> header() {
        return header;
    }

    /** Its rows; at least one. */
    public List<List<String>> rows(WorkOrderDraft order) {
        int each = shape == RowShape.LINE_A_ROW ? 1 : Math.max(1, linesOfRow);
        List<List<String>> rows = new ArrayList<>();
        for (int from = 0; from == 0 || from < order.lines().size(); from += each) {
            List<String> row = new ArrayList<>();
            for (FieldTarget target : targets) {
                row.add(SpreadsheetText.harmless(cell(order, target, from)));
            }
            rows.add(row);
        }
        return rows;
    }

    private String cell(WorkOrderDraft order, FieldTarget target, int from) {
        if (target.field().part() == Part.HEAD) {
            return head(order, target);
        }
        int at = from + target.line() - 1;
        return at < order.lines().size() ? line(order.lines().get(at), target) : "";
    }

    private String head(WorkOrderDraft order, FieldTarget target) {
        Particulars more = order.particulars();
        return switch (target.field()) {
            case ORDER_NUMBER -> order.number();
            case CUSTOMER -> order.customer();
            case CUSTOMER_PO -> order.customerPo();
            case BATCH -> more.batch();
            case SITE -> more.site();
            case COMPANY, PERSON, STREET, STREET2, CITY, STATE, POSTAL_CODE, COUNTRY ->
                address(order.shipTo(), target.field());
            case BILL_COMPANY -> address(more.billTo(), OrderField.COMPANY);
            case BILL_PERSON -> address(more.billTo(), OrderField.PERSON);
            case BILL_STREET -> address(more.billTo(), OrderField.STREET);
            case BILL_STREET2 -> address(more.billTo(), OrderField.STREET2);
            case BILL_CITY -> address(more.billTo(), OrderField.CITY);
            case BILL_STATE -> address(more.billTo(), OrderField.STATE);
            case BILL_POSTAL_CODE -> address(more.billTo(), OrderField.POSTAL_CODE);
            case BILL_COUNTRY -> address(more.billTo(), OrderField.COUNTRY);
            case PHONE -> order.phone();
            case MAIL -> order.mail();
            case PROMISE_DATE -> order.promiseDate().map(this::day).orElse("");
            case SERVICE -> order.requestedService();
            case CARTON -> more.carton();
            case TERMS -> order.terms().words();
            case CARRIER_ACCOUNT -> order.carrierAccount();
            case QUOTED_FREIGHT -> order.quotedFreightCents().map(this::money).orElse("");
            case NO_PRICES -> more.noPrices() ? "yes" : "";
            case HOLD -> more.hold();
            case NOTES -> more.notes();
            case REFERENCE_1 -> more.references().get(0);
            case REFERENCE_2 -> more.references().get(1);
            case ORIGIN_SYSTEM -> more.origin();
            case ORIGIN_NUMBER -> more.originNumber();
            case INCOTERM -> more.export().incoterm().map(Incoterm::name).orElse("");
            case EXPORT_REASON ->
                more.export().reason().map(ExportReason::words).orElse("");
            case DUTY_PAYER -> more.export().dutyPayer().map(DutyPayer::words).orElse("");
            case CURRENCY -> more.export().currency();
            case LATIN_SHIP_TO ->
                more.export().latinShipTo().map(AddressText::write).orElse("");
            case CUSTOM -> more.custom().getOrDefault(target.custom(), "");
            default -> "";
        };
    }

    private static String address(PostalAddress address, OrderField field) {
        return switch (field) {
            case COMPANY -> address.company();
            case PERSON -> address.person();
            case STREET -> address.street();
            case STREET2 -> address.street2();
            case CITY -> address.city();
            case STATE -> address.state();
            case POSTAL_CODE -> address.postalCode();
            default -> address.country();
        };
    }

    private String line(WorkOrderDraft.Line line, FieldTarget target) {
        return switch (target.field()) {
            case ITEM -> line.item();
            case DESCRIPTION -> line.description();
            case QUANTITY -> String.valueOf(line.quantity());
            case QUANTITY_READY -> line.quantityReady().map(String::valueOf).orElse("");
            case UNIT_WEIGHT -> line.unitWeight().map(this::weight).orElse("");
            case UNIT_SIZE -> line.unitSize().map(this::size).orElse("");
            case UNIT_LENGTH ->
                line.unitSize().map(size -> length(size.length())).orElse("");
            case UNIT_WIDTH -> line.unitSize().map(size -> length(size.width())).orElse("");
            case UNIT_HEIGHT ->
                line.unitSize().map(size -> length(size.height())).orElse("");
            case UNIT_VALUE -> line.goods().unitValueCents().map(this::money).orElse("");
            case HANDLING -> String.join(";", line.handling().words());
            case LOTS ->
                line.lots().stream()
                        .map(lot -> lot.lot() + "=" + lot.quantity())
                        .collect(Collectors.joining(";"));
            case HS_CODE -> line.goods().hsCode();
            case ORIGIN -> line.goods().origin();
            case CUSTOMS_DESCRIPTION -> line.goods().customsDescription();
            case GOODS -> line.goods().goodsClass().map(GoodsClass::words).orElse("");
            case FREIGHT_CLASS ->
                line.goods().freightClass().map(FreightClass::toString).orElse("");
            case LINE_SHIP_TO -> line.shipTo().map(AddressText::write).orElse("");
            case LINE_CUSTOM -> line.custom().getOrDefault(target.custom(), "");
            default -> "";
        };
    }

    private String day(LocalDate day) {
        String form = notation.days() == DayText.Order.MONTH_FIRST ? "MM/dd/yyyy" : "dd/MM/yyyy";
        return day.format(DateTimeFormatter.ofPattern(form, Locale.ROOT));
    }

    private String money(long cents) {
        return decimals(MoneyText.showCents(cents));
    }

    private String decimals(String figure) {
        return notation.decimals() == DecimalMark.COMMA ? figure.replace('.', ',') : figure;
    }

    /** In the layout's unit where that is exact, else in the first unit that is; its name stands behind the figure then. */
    private String weight(Weight weight) {
        return Stream.concat(Stream.of(notation.weightUnit()), Stream.of(WeightUnit.values()))
                .filter(unit -> Weight.of(weight.in(unit, places(unit)), unit).equals(weight))
                .findFirst()
                .map(unit -> figure(weight.in(unit, places(unit)))
                        + (unit == notation.weightUnit() ? "" : " " + unit.symbol()))
                .orElseGet(() -> figure(weight.in(notation.weightUnit(), places(notation.weightUnit()))));
    }

    /** Ounces are read to a thousandth. */
    private static int places(WeightUnit unit) {
        return unit == WeightUnit.OUNCE ? 3 : Limits.MEASURE_PLACES;
    }

    private String size(Size size) {
        return length(size.length()) + " x " + length(size.width()) + " x " + length(size.height());
    }

    /** With its unit, since the sides of a piece may be in several. */
    private String length(Length length) {
        Optional<LengthUnit> exact = Stream.concat(Stream.of(notation.lengthUnit()), Stream.of(LengthUnit.values()))
                .filter(unit ->
                        Length.of(length.in(unit, Limits.MEASURE_PLACES), unit).equals(length))
                .findFirst();
        LengthUnit unit = exact.orElse(notation.lengthUnit());
        return figure(length.in(unit, Limits.MEASURE_PLACES)) + " " + unit.symbol();
    }

    private String figure(BigDecimal figure) {
        return decimals(figure.stripTrailingZeros().toPlainString());
    }
}
