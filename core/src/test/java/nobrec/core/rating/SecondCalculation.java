package nobrec.core.rating;

import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Calculates a parcel shipment a second time from the words of a sheet's file, in decimals, with none of the code that is tested:
 * neither its reader nor its measures nor its sums.
 */
final class SecondCalculation {

    /** A package in pounds and inches. */
    record Parcel(String pounds, int length, int width, int height, boolean box, String declared) {}

    /** What leaves on the test's Tuesday for four working days is there on Monday, or on the Saturday before. */
    private static final Set<Integer> SATURDAY_ZONES = Set.of(6, 7);

    /** @param requested accessorials in the sheet's words */
    record Order(List<Parcel> parcels, String postalCode, int zone, boolean residence, Set<String> requested) {}

    private final Map<String, List<List<String>>> rows = new HashMap<>();
    private final Order order;
    private final List<BigDecimal> bases = new ArrayList<>();
    private final List<BigDecimal> billed = new ArrayList<>();

    private SecondCalculation(Path sheet, Order order) throws IOException {
        this.order = order;
        for (String line : Files.readAllLines(sheet)) {
            List<String> cells = Arrays.asList(line.split(",", -1));
            rows.computeIfAbsent(cells.get(0), word -> new ArrayList<>()).add(cells);
        }
    }

    /** What it costs with fuel of so many percent, in the sheet's currency. */
    static BigDecimal total(Path sheet, Order order, String fuel) throws IOException {
        return new SecondCalculation(sheet, order).total(new BigDecimal(fuel));
    }

    private BigDecimal total(BigDecimal fuel) {
        for (Parcel each : order.parcels()) {
            BigDecimal weight = billedWeight(each);
            billed.add(weight);
            bases.add(base(weight));
        }
        BigDecimal all = sum(bases);
        BigDecimal fuelled = all;
        for (Asked each : asked()) {
            all = all.add(each.amount);
            fuelled = each.fuelled ? fuelled.add(each.amount) : fuelled;
        }
        return rows.containsKey("fuel") ? all.add(perCent(fuelled, fuel)) : all;
    }

    private BigDecimal billedWeight(Parcel each) {
        BigDecimal weight = new BigDecimal(each.pounds).setScale(0, RoundingMode.CEILING);
        if (rows.containsKey("divisor")) {
            BigDecimal volume = BigDecimal.valueOf((long) each.length * each.width * each.height);
            if (volume.compareTo(number("divisor", 2)) > 0) {
                weight = weight.max(volume.divide(number("divisor", 1), 0, RoundingMode.CEILING));
            }
        }
        for (List<String> minimum : rows.getOrDefault("minimum billable", List.of())) {
            if (side(each, minimum.get(1)).compareTo(measure(minimum.get(2))) > 0) {
                weight = weight.max(measure(minimum.get(3)));
            }
        }
        return weight;
    }

    private BigDecimal base(BigDecimal weight) {
        List<String> zones = rows.get("zones").get(0);
        int column = zones.indexOf(zoneName());
        BigDecimal price = null;
        for (List<String> row : rows.get("up to")) {
            if (price == null && weight.compareTo(measure(row.get(1))) <= 0) {
                price = new BigDecimal(row.get(column + 1));
            }
        }
        if (price == null) {
            List<String> last = rows.get("up to").get(rows.get("up to").size() - 1);
            price = new BigDecimal(last.get(column + 1))
                    .add(new BigDecimal(rows.get("above").get(0).get(column))
                            .multiply(weight.subtract(measure(last.get(1)))));
        }
        for (List<String> discount : rows.getOrDefault("discount", List.of())) {
            if (List.of(discount.get(1).split(" ")).contains(zoneName())
                    && weight.compareTo(measure(discount.get(2))) >= 0
                    && weight.compareTo(measure(discount.get(3))) <= 0) {
                price = price.subtract(perCent(price, measure(discount.get(4))));
            }
        }
        return rows.containsKey("minimum") ? price.max(number("minimum", 1)) : price;
    }

    private String zoneName() {
        for (List<String> row : rows.getOrDefault("zone of", List.of())) {
            if (Arrays.stream(row.get(3).split(" ")).anyMatch(order.postalCode()::startsWith)) {
                return row.get(1);
            }
        }
        return String.valueOf(order.zone());
    }

    /** A surcharge that is asked for, for a package or, with minus one, for the shipment. */
    private record Asked(int parcel, String group, BigDecimal amount, boolean fuelled) {}

    private List<Asked> asked() {
        List<Asked> all = new ArrayList<>();
        for (List<String> row : rows.getOrDefault("surcharge", List.of())) {
            boolean ofShipment = row.get(5).equals("shipment");
            for (int index = 0; index < order.parcels().size(); index++) {
                if (holds(row.get(3), order.parcels().get(index))) {
                    BigDecimal amount = ofShipment ? amount(row.get(4), -1) : amount(row.get(4), index);
                    all.add(new Asked(
                            ofShipment ? -1 : index,
                            row.get(6),
                            amount,
                            row.get(7).equals("fuel")));
                    if (ofShipment) {
                        break;
                    }
                }
            }
        }
        return all.stream()
                .filter(each -> each.group.isEmpty() || maximum(all, each) == each)
                .toList();
    }

    /** Of those of one group for one package only the largest is asked for, of equals the first. */
    private static Asked maximum(List<Asked> all, Asked one) {
        Asked maximum = null;
        for (Asked each : all) {
            if (each.parcel == one.parcel
                    && each.group.equals(one.group)
                    && (maximum == null || each.amount.compareTo(maximum.amount) > 0)) {
                maximum = each;
            }
        }
        return maximum;
    }

    private boolean holds(String condition, Parcel each) {
        if (condition.equals("requested Saturday delivery") && !SATURDAY_ZONES.contains(order.zone())) {
            return false;
        }
        if (condition.startsWith("requested ")) {
            return order.requested().contains(condition.substring("requested ".length()));
        }
        if (condition.startsWith("goods ")) {
            return false;
        }
        int above = condition.indexOf(" above ");
        if (above >= 0) {
            String limit = condition.substring(above + " above ".length());
            return switch (condition.substring(0, above)) {
                case "weight" -> new BigDecimal(each.pounds).compareTo(measure(limit)) > 0;
                case "declared" -> new BigDecimal(each.declared).compareTo(new BigDecimal(limit)) > 0;
                default -> side(each, condition.substring(0, above)).compareTo(measure(limit)) > 0;
            };
        }
        return switch (condition) {
            case "residence" -> order.residence();
            case "remote area" ->
                Arrays.stream(rows.get("remote area").get(0).get(1).split(" "))
                        .anyMatch(order.postalCode()::startsWith);
            case "not a box" -> !each.box;
            case "always" -> true;
            default -> throw new IllegalStateException("The second calculation does not know “" + condition + "”.");
        };
    }

    private static BigDecimal side(Parcel each, String which) {
        List<Integer> sides = new ArrayList<>(List.of(each.length, each.width, each.height));
        sides.sort(Collections.reverseOrder());
        return BigDecimal.valueOf(
                switch (which) {
                    case "longest" -> sides.get(0);
                    case "second" -> sides.get(1);
                    default -> sides.get(0) + 2 * (sides.get(1) + sides.get(2));
                });
    }

    private BigDecimal amount(String text, int parcel) {
        return Arrays.stream(text.split("\\|"))
                .map(part -> single(part.strip(), parcel))
                .max(BigDecimal::compareTo)
                .orElseThrow();
    }

    private BigDecimal single(String text, int parcel) {
        BigDecimal figure = new BigDecimal(text.split(" ")[0]);
        if (text.endsWith("per 100 declared")) {
            BigDecimal declared = sum(of(
                    order.parcels().stream()
                            .map(each -> new BigDecimal(each.declared))
                            .toList(),
                    parcel));
            return figure.multiply(declared.divide(new BigDecimal("100"), 0, RoundingMode.CEILING));
        }
        if (text.endsWith("per lb")) {
            return figure.multiply(sum(of(billed, parcel)));
        }
        return text.endsWith("%") ? perCent(sum(of(bases, parcel)), figure) : figure;
    }

    private static List<BigDecimal> of(List<BigDecimal> all, int parcel) {
        return parcel < 0 ? all : List.of(all.get(parcel));
    }

    private BigDecimal number(String word, int cell) {
        return measure(rows.get(word).get(0).get(cell));
    }

    /** The figure before the unit. */
    private static BigDecimal measure(String text) {
        return new BigDecimal(text.split(" ")[0]);
    }

    private static BigDecimal perCent(BigDecimal of, BigDecimal perCent) {
        return of.multiply(perCent).movePointLeft(2).setScale(2, RoundingMode.HALF_UP);
    }

    private static BigDecimal sum(List<BigDecimal> all) {
        return all.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
    }
}
