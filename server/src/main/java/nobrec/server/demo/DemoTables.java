package nobrec.server.demo;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.carton.CartonKind;
import nobrec.core.carton.CartonType;
import nobrec.core.carton.CartonType.Supply;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DecimalMark;
import nobrec.core.notation.MeasureText;
import nobrec.server.carrier.FuelRow;
import nobrec.server.platform.money.ShopMoney;

/** The demo's tables: carton types and fuel. */
final class DemoTables {

    private static final int THOUSANDTHS = 3;

    private DemoTables() {}

    static List<CartonType> cartonTypes(Path file, ShopMoney money) throws IOException {
        List<CartonType> cartons = new ArrayList<>();
        try (CsvReader<NamedCsvRecord> csv = CsvReader.builder().ofNamedCsvRecord(file)) {
            csv.forEach(row -> cartons.add(cartonType(row, money)));
        }
        return cartons;
    }

    private static CartonType cartonType(NamedCsvRecord row, ShopMoney money) {
        String stated = row.getField("stated lb");
        String supplier = row.getField("supplied by");
        return new CartonType(
                row.getField("code"),
                row.getField("name"),
                CartonKind.valueOf(row.getField("kind")),
                size(row.getField("inner in")),
                size(row.getField("outer in")),
                pounds(row.getField("tare lb")),
                pounds(row.getField("limit lb")),
                pounds(row.getField("band from lb")),
                pounds(row.getField("band to lb")),
                money.of(new BigDecimal(row.getField("cost"))),
                stated.isEmpty() ? Optional.empty() : Optional.of(pounds(stated)),
                row.getField("standard").equals("yes"),
                supplier.isEmpty()
                        ? Supply.OUR_OWN
                        : new Supply(
                                Optional.of(supplier),
                                Set.of(row.getField("services").split(" "))));
    }

    static List<FuelRow> fuel(Path file) throws IOException {
        List<FuelRow> rows = new ArrayList<>();
        try (CsvReader<NamedCsvRecord> csv = CsvReader.builder().ofNamedCsvRecord(file)) {
            csv.forEach(row -> rows.add(new FuelRow(
                    row.getField("index"),
                    LocalDate.parse(row.getField("first day")),
                    new BigDecimal(row.getField("percent"))
                            .movePointRight(THOUSANDTHS)
                            .intValueExact())));
        }
        return rows;
    }

    private static Weight pounds(String figure) {
        return figure.isEmpty() ? Weight.ZERO : Weight.of(figure, WeightUnit.POUND);
    }

    private static Size size(String text) {
        return MeasureText.readSize(text, UnitSystem.POUND_INCH, DecimalMark.POINT)
                .found()
                .orElseThrow();
    }
}
