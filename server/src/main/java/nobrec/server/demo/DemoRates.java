package nobrec.server.demo;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nobrec.core.measure.MeasureText;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.rating.RateSheet;
import nobrec.server.platform.Moneys;

/** Reads a rate sheet of the demo: a row for each weight, a column for each zone. */
final class DemoRates {

    private DemoRates() {}

    static RateSheet read(Path file, DemoShop.ServiceEntry entry, LocalDate firstDay) throws IOException {
        List<RateSheet.WeightBreak> breaks = new ArrayList<>();
        Weight step = weight(entry.step());
        try (CsvReader<NamedCsvRecord> csv = CsvReader.builder().ofNamedCsvRecord(file)) {
            for (NamedCsvRecord row : csv) {
                List<String> cells = row.getFields();
                breaks.add(new RateSheet.WeightBreak(
                        step.times(Long.parseLong(cells.get(0))),
                        cells.subList(1, cells.size()).stream()
                                .map(cell -> Moneys.of(new BigDecimal(cell)))
                                .toList()));
            }
        }
        return new RateSheet(
                entry.code(),
                firstDay,
                UnitSystem.POUND_INCH,
                step,
                entry.divisor(),
                breaks,
                Moneys.of(entry.residential()),
                entry.fuel());
    }

    private static Weight weight(String text) {
        return MeasureText.readWeight(text, UnitSystem.POUND_INCH).found().orElseThrow();
    }
}
