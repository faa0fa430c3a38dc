package nobrec.core.ratesheet.file;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nobrec.core.item.GoodsClass;
import nobrec.core.limit.Limits;
import nobrec.core.measure.Length;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.notation.MeasureText;
import nobrec.core.ratesheet.Surcharge;
import nobrec.core.ratesheet.SurchargeAmount;
import nobrec.core.ratesheet.SurchargeCondition;
import nobrec.core.service.Accessorial;
import nobrec.core.service.PackageSide;
import nobrec.core.service.PostalBeginnings;

/**
 * Surcharges as a sheet writes them: code, title, condition, amount, scope, group, fuel. Conditions: {@code always},
 * {@code residence}, {@code remote area}, {@code abroad}, {@code not a box}, {@code weight above 50 lb}, {@code longest above 48
 * in}, {@code second above 30 in}, {@code girth above 105 in}, {@code declared above 100.00}, {@code requested liftgate},
 * {@code goods dangerous}. Amounts: {@code 5.55}, {@code 0.35 per lb}, {@code 1.10 per 100 declared}, {@code 4 %}, and two of
 * them with a bar between, of which the greater is asked for.
 */
final class SurchargeText {

    private static final Pattern SIDE_ABOVE = Pattern.compile("(longest|second|girth) above (.+)");
    private static final Pattern WEIGHT_ABOVE = Pattern.compile("weight above (.+)");
    private static final Pattern DECLARED_ABOVE = Pattern.compile("declared above (.+)");
    private static final Pattern REQUESTED = Pattern.compile("requested (.+)");
    private static final Pattern GOODS = Pattern.compile("goods (.+)");
    private static final Pattern PER = Pattern.compile("(\\S+) per (.+)");
    private static final String PER_HUNDRED_DECLARED = "100 declared";
    private static final int MAX_PER_CENT = 1000;
    private static final int CODE = 1;
    private static final int TITLE = 2;
    private static final int CONDITION = 3;
    private static final int AMOUNT = 4;
    private static final int SCOPE = 5;
    private static final int GROUP = 6;
    private static final int FUEL = 7;

    private SurchargeText() {}

    /** All of a sheet, in its order. */
    static List<Surcharge> readAll(List<SheetCells> rows, UnitSystem units, Set<String> remote) {
        Set<String> codes = new HashSet<>();
        List<Surcharge> surcharges = new ArrayList<>();
        for (SheetCells cells : rows) {
            read(cells, units, remote).ifPresent(surcharges::add);
            if (!codes.add(cells.cell(CODE))) {
                cells.refuse("There is a surcharge “" + cells.cell(CODE) + "” already.");
            }
        }
        return surcharges;
    }

    private static Optional<Surcharge> read(SheetCells cells, UnitSystem units, Set<String> remote) {
        Optional<SurchargeCondition> condition = condition(cells, cells.small(CONDITION), units, remote);
        Optional<SurchargeAmount> amount = amount(cells, cells.small(AMOUNT), units);
        String code = cells.text(CODE, "code of the surcharge", Limits.CODE);
        String title = cells.text(TITLE, "name of the surcharge", Limits.TITLE);
        String scope = cells.cell(SCOPE).toUpperCase(Locale.ROOT);
        if (!scope.equals("PACKAGE") && !scope.equals("SHIPMENT")) {
            cells.refuse("A surcharge is for each “package” or for the “shipment”, not “" + cells.cell(SCOPE) + "”.");
            return Optional.empty();
        }
        String group = cells.cell(GROUP).isEmpty() ? "" : cells.text(GROUP, "group", Limits.CODE);
        String fuel = cells.small(FUEL);
        if (!fuel.isEmpty() && !fuel.equals(SheetWords.FUEL)) {
            cells.refuse("The last cell says “fuel” or nothing, not “" + cells.cell(FUEL) + "”.");
        }
        cells.endsBefore(FUEL + 1);
        return condition.flatMap(when -> amount.map(much -> new Surcharge(
                code, title, when, much, Surcharge.Scope.valueOf(scope), group, fuel.equals(SheetWords.FUEL))));
    }

    private static Optional<SurchargeCondition> condition(
            SheetCells cells, String text, UnitSystem units, Set<String> remote) {
        switch (text) {
            case "always":
                return Optional.of(new SurchargeCondition.Always());
            case "residence":
                return Optional.of(new SurchargeCondition.Residence());
            case "remote area":
                return Optional.of(new SurchargeCondition.RemoteArea(new PostalBeginnings(remote)));
            case "abroad":
                return Optional.of(new SurchargeCondition.Abroad());
            case "not a box":
                return Optional.of(new SurchargeCondition.NotABox());
            default:
                return conditionWithFigure(cells, text, units);
        }
    }

    private static Optional<SurchargeCondition> conditionWithFigure(SheetCells cells, String text, UnitSystem units) {
        Matcher side = SIDE_ABOVE.matcher(text);
        if (side.matches()) {
            return cells.length(side.group(2), units)
                    .map(limit -> new SurchargeCondition.SideAbove(
                            PackageSide.valueOf(side.group(1).toUpperCase(Locale.ROOT)), limit));
        }
        Matcher weight = WEIGHT_ABOVE.matcher(text);
        if (weight.matches()) {
            return cells.weight(weight.group(1), units).map(SurchargeCondition.WeightAbove::new);
        }
        Matcher declared = DECLARED_ABOVE.matcher(text);
        if (declared.matches()) {
            return cells.cents(declared.group(1)).map(SurchargeCondition.DeclaredAbove::new);
        }
        Matcher requested = REQUESTED.matcher(text);
        if (requested.matches()) {
            return named(cells, requested.group(1), Accessorial.values(), Accessorial::words)
                    .map(SurchargeCondition.Requested::new);
        }
        Matcher goods = GOODS.matcher(text);
        if (goods.matches()) {
            return named(cells, goods.group(1), GoodsClass.values(), GoodsClass::words)
                    .map(SurchargeCondition.Goods::new);
        }
        cells.refuse("“" + text + "” is not a condition known here.");
        return Optional.empty();
    }

    private static <T> Optional<T> named(SheetCells cells, String text, T[] values, Function<T, String> words) {
        for (T each : values) {
            if (words.apply(each).equalsIgnoreCase(text)) {
                return Optional.of(each);
            }
        }
        cells.refuse("“" + text + "” is not known here.");
        return Optional.empty();
    }

    private static Optional<SurchargeAmount> amount(SheetCells cells, String text, UnitSystem units) {
        if (text.isEmpty()) {
            cells.refuse("There is no amount.");
            return Optional.empty();
        }
        int bar = text.indexOf('|');
        if (bar >= 0) {
            Optional<SurchargeAmount> one = amount(cells, text.substring(0, bar).strip(), units);
            Optional<SurchargeAmount> other =
                    amount(cells, text.substring(bar + 1).strip(), units);
            return one.flatMap(left -> other.map(right -> new SurchargeAmount.GreaterOf(left, right)));
        }
        if (text.endsWith("%")) {
            return cells.thousandths(text, MAX_PER_CENT).map(SurchargeAmount.PerCent::new);
        }
        Matcher per = PER.matcher(text);
        if (per.matches()) {
            Optional<Long> cents = cells.cents(per.group(1));
            return per.group(2).equals(PER_HUNDRED_DECLARED)
                    ? cents.map(SurchargeAmount.PerHundredDeclared::new)
                    : cents.flatMap(each ->
                            step(cells, per.group(2), units).map(step -> new SurchargeAmount.PerWeight(each, step)));
        }
        return cells.cents(text).map(SurchargeAmount.Flat::new);
    }

    /** {@code lb} alone means one of them. */
    private static Optional<Weight> step(SheetCells cells, String text, UnitSystem units) {
        return cells.weight(Character.isDigit(text.charAt(0)) ? text : "1 " + text, units);
    }

    static String write(SurchargeCondition condition, UnitSystem units) {
        if (condition instanceof SurchargeCondition.SideAbove above) {
            return above.side().name().toLowerCase(Locale.ROOT) + " above " + write(above.limit(), units);
        }
        if (condition instanceof SurchargeCondition.WeightAbove above) {
            return "weight above " + write(above.limit(), units);
        }
        if (condition instanceof SurchargeCondition.DeclaredAbove above) {
            return "declared above " + money(above.cents());
        }
        if (condition instanceof SurchargeCondition.Requested requested) {
            return "requested " + requested.accessorial().words();
        }
        if (condition instanceof SurchargeCondition.Goods goods) {
            return "goods " + goods.goods().words();
        }
        if (condition instanceof SurchargeCondition.Residence) {
            return "residence";
        }
        if (condition instanceof SurchargeCondition.RemoteArea) {
            return "remote area";
        }
        if (condition instanceof SurchargeCondition.Abroad) {
            return "abroad";
        }
        return condition instanceof SurchargeCondition.NotABox ? "not a box" : "always";
    }

    static String write(SurchargeAmount amount, UnitSystem units) {
        if (amount instanceof SurchargeAmount.GreaterOf both) {
            return write(both.one(), units) + " | " + write(both.other(), units);
        }
        if (amount instanceof SurchargeAmount.PerCent perCent) {
            return perCent(perCent.thousandths());
        }
        if (amount instanceof SurchargeAmount.PerHundredDeclared perHundred) {
            return money(perHundred.amount()) + " per " + PER_HUNDRED_DECLARED;
        }
        if (amount instanceof SurchargeAmount.PerWeight perWeight) {
            return money(perWeight.amount()) + " per " + write(perWeight.step(), units);
        }
        return money(((SurchargeAmount.Flat) amount).amount());
    }

    static String write(Weight weight, UnitSystem units) {
        return MeasureText.showExactly(weight, units);
    }

    static String write(Length length, UnitSystem units) {
        return length.in(units.lengthUnit(), 4).stripTrailingZeros().toPlainString() + " "
                + units.lengthUnit().symbol();
    }

    static String money(long cents) {
        return BigDecimal.valueOf(cents, 2).toPlainString();
    }

    static String perCent(int thousandths) {
        return BigDecimal.valueOf(thousandths, 3).stripTrailingZeros().toPlainString() + " %";
    }
}
