package nobrec.core.packing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import nobrec.core.carton.CartonKind;
import nobrec.core.carton.CartonType;
import nobrec.core.item.Handling;
import nobrec.core.item.PackItem;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.notation.DecimalMark;
import nobrec.core.notation.MeasureText;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/** The demo's carton types and items, and random orders of them. */
public final class DemoStock {

    private static final Path DEMO = Path.of("../demo");
    private static final int MAX_LINES = 6;

    private DemoStock() {}

    public static List<CartonType> cartons() {
        return rows("carton-types.csv").stream().map(DemoStock::carton).toList();
    }

    /** Those that parcel services take and that are ours. */
    public static List<CartonType> parcelCartons() {
        return cartons().stream()
                .filter(carton -> carton.supply().carrierCode().isEmpty())
                .filter(carton -> carton.kind() != CartonKind.PALLET && carton.kind() != CartonKind.CRATE)
                .toList();
    }

    /** One piece of each item. */
    public static List<PackItem> items() {
        List<PackItem> items = new ArrayList<>();
        for (List<String> row : rows("items.csv")) {
            String handling = row.get(4);
            items.add(new PackItem(
                    items.size() + 1L,
                    row.get(0),
                    1,
                    Optional.of(weight(row.get(2))),
                    Optional.of(size(row.get(3))),
                    new Handling(
                            handling.contains("this side up"),
                            handling.contains("nothing on top"),
                            handling.contains("alone")),
                    List.of()));
        }
        return items;
    }

    /** One to six lines; small things in larger numbers, as a shop orders them. */
    public static List<PackItem> order(Random random) {
        List<PackItem> stock = items();
        List<PackItem> order = new ArrayList<>();
        int lines = 1 + random.nextInt(MAX_LINES);
        for (int line = 0; line < lines; line++) {
            PackItem item = stock.remove(random.nextInt(stock.size()));
            boolean small = !item.unitWeight().orElseThrow().isAbove(weight("1.5"));
            order.add(item.ofQuantity(1 + random.nextInt(small ? 24 : 4)));
        }
        return order;
    }

    public static Weight weight(String pounds) {
        return MeasureText.readWeight(pounds, UnitSystem.POUND_INCH, DecimalMark.POINT)
                .found()
                .orElse(Weight.ZERO);
    }

    public static Size size(String inches) {
        return MeasureText.readSize(inches, UnitSystem.POUND_INCH, DecimalMark.POINT)
                .found()
                .orElseThrow();
    }

    private static CartonType carton(List<String> row) {
        return new CartonType(
                row.get(0),
                row.get(1),
                CartonKind.valueOf(row.get(2)),
                size(row.get(3)),
                size(row.get(4)),
                weight(row.get(5)),
                weight(row.get(6)),
                weight(row.get(7)),
                weight(row.get(8)),
                Money.parse(CurrencyUnit.USD + " " + row.get(9)),
                row.get(10).isEmpty() ? Optional.empty() : Optional.of(weight(row.get(10))),
                row.get(11).equals("yes"),
                row.get(12).isEmpty()
                        ? CartonType.Supply.OUR_OWN
                        : new CartonType.Supply(
                                Optional.of(row.get(12)), Set.of(row.get(13).split(" "))));
    }

    /** The rows without the heading; no cell of these files has a comma in it. */
    private static List<List<String>> rows(String file) {
        try {
            return Files.readAllLines(DEMO.resolve(file)).stream()
                    .skip(1)
                    .map(line -> List.of(line.split(",", -1)))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
