package nobrec.server.orderfile;

import java.util.ArrayList;
import java.util.List;
import nobrec.core.intake.BoundLayout;
import nobrec.core.intake.OrderDefaults;
import nobrec.core.intake.OrderReader;
import nobrec.core.layout.LayoutGuess;
import nobrec.core.layout.LayoutNotation;
import nobrec.core.layout.LayoutRules;
import nobrec.core.layout.OrderLayout;
import nobrec.core.measure.UnitSystem;
import nobrec.core.notation.DayText;
import nobrec.server.layout.LayoutDocument;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.csv.ByteSource;
import nobrec.server.site.Sites;
import nobrec.server.wordbook.Wordbook;
import org.springframework.stereotype.Component;

/** The beginning of a file that waits for its layout: its columns, a guess, and how its first orders would stand here. */
@Component
class FilePreview {

    private static final int ROWS_GUESSED_FROM = 100;
    private static final int ROWS_SHOWN = 300;
    private static final int SAMPLES = 3;

    /** @param samples first different texts below it */
    record FileColumn(String heading, List<String> samples) {}

    private final FileImports imports;
    private final KeptFiles files;
    private final Wordbook wordbook;
    private final NobrecSettings settings;
    private final Sites sites;

    FilePreview(FileImports imports, KeptFiles files, Wordbook wordbook, NobrecSettings settings, Sites sites) {
        this.imports = imports;
        this.files = files;
        this.wordbook = wordbook;
        this.settings = settings;
        this.sites = sites;
    }

    List<FileColumn> columns(long importId) {
        FileReading reading = imports.reading(imports.byId(importId));
        List<List<String>> rows = cells(importId, reading);
        List<FileColumn> columns = new ArrayList<>();
        for (int at = 0; at < reading.header().size(); at++) {
            int column = at;
            columns.add(new FileColumn(
                    reading.header().get(at),
                    rows.stream()
                            .map(row -> column < row.size() ? row.get(column).strip() : "")
                            .filter(text -> !text.isEmpty())
                            .distinct()
                            .limit(SAMPLES)
                            .toList()));
        }
        return columns;
    }

    LayoutDocument guess(long importId) {
        ImportRunRow file = imports.byId(importId);
        FileReading reading = imports.reading(file);
        String name = file.fileName().replaceAll("\\.[A-Za-z]{2,4}$", "");
        OrderLayout guess = LayoutGuess.of(
                name.length() > 60 ? name.substring(0, 60) : name,
                reading.header(),
                cells(importId, reading),
                wordbook.of(FileImports.SOURCE),
                usual());
        return LayoutDocument.of(guess);
    }

    private LayoutNotation usual() {
        UnitSystem units = settings.units();
        return new LayoutNotation(
                DayText.Order.MONTH_FIRST,
                units.weightUnit(),
                units.lengthUnit(),
                settings.decimals(),
                sites.isEmpty() ? "US" : sites.home().country());
    }

    private List<List<String>> cells(long importId, FileReading reading) {
        List<List<String>> rows = new ArrayList<>();
        FileRows.head(reading.format(), files.bytes(importId), ROWS_GUESSED_FROM, row -> rows.add(row.cells()));
        return rows;
    }

    /** How the first orders would stand here, and the cells of them that cannot be read. */
    OrderReader.Result read(long importId, LayoutDocument document) {
        OrderLayout layout = document.layout();
        LayoutRules.require(layout);
        FileReading reading = imports.reading(imports.byId(importId));
        ByteSource bytes = files.bytes(importId);
        List<OrderReader.Row> rows = new ArrayList<>();
        FileRows.head(reading.format(), bytes, ROWS_SHOWN, rows::add);
        return OrderReader.read(
                BoundLayout.of(layout, reading.header(), wordbook.of(FileImports.SOURCE), OrderDefaults.NONE), rows);
    }
}
