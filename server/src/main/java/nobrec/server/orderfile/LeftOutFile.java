package nobrec.server.orderfile;

import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nobrec.core.intake.BoundLayout;
import nobrec.core.intake.OrderDefaults;
import nobrec.core.intake.OrderReader;
import nobrec.core.intake.RowFault;
import nobrec.core.intake.RowSurvey;
import nobrec.core.layout.OrderLayout;
import nobrec.core.refusal.Refusal;
import nobrec.server.platform.csv.ByteSource;
import nobrec.server.platform.csv.CsvText;
import nobrec.server.wordbook.Wordbook;
import org.springframework.stereotype.Component;

/**
 * The rows of a file that stayed out, as they were, with a column that says why: corrected, they can be dropped again. They are
 * read once more, so that what was answered since is not among them.
 */
@Component
class LeftOutFile {

    static final String REASON_HEADING = "Why it stayed out";

    private final FileImports imports;
    private final KeptFiles files;
    private final Wordbook wordbook;

    LeftOutFile(FileImports imports, KeptFiles files, Wordbook wordbook) {
        this.imports = imports;
        this.files = files;
        this.wordbook = wordbook;
    }

    /** A first row without the column that this class adds. */
    static List<String> withoutReasons(List<String> header) {
        return header.stream()
                .filter(each -> !OrderLayout.plain(each).equals(OrderLayout.plain(REASON_HEADING)))
                .toList();
    }

    void write(long importId, OutputStream out) throws IOException {
        ImportRunRow file = imports.byId(importId);
        FileReading reading = imports.reading(file);
        ByteSource bytes = files.bytes(importId);
        OrderLayout layout = reading.layout()
                .orElseThrow(() ->
                        Refusal.unusable("File “" + file.fileName() + "”", "It is not read yet.", "Choose its layout."))
                .layout();
        BoundLayout bound =
                BoundLayout.of(layout, reading.header(), wordbook.of(FileImports.SOURCE), OrderDefaults.NONE);
        Map<Integer, String> reasons = new HashMap<>();
        Set<String> leftOut = new HashSet<>();
        RowSurvey survey = new RowSurvey(bound);
        FileRows.forEach(reading.format(), bytes, survey::add);
        OrderReader reader = new OrderReader(
                survey,
                fault -> reasons.merge(fault.row(), said(fault), (one, other) -> one + " " + other),
                outcome -> {
                    if (outcome.draft().isEmpty()) {
                        leftOut.add(outcome.number());
                    }
                });
        FileRows.forEach(reading.format(), bytes, reader::add);
        int old = reading.header().size() == withoutReasons(reading.header()).size()
                ? -1
                : reading.header().stream().map(OrderLayout::plain).toList().indexOf(OrderLayout.plain(REASON_HEADING));
        try (CsvText csv = new CsvText(out)) {
            csv.row(with(reading.header(), old, REASON_HEADING));
            FileRows.forEach(reading.format(), bytes, row -> {
                String reason = reasons.get(row.number());
                if (reason != null || leftOut.contains(bound.numberOf(row.cells()))) {
                    csv.row(with(
                            padded(row.cells(), reading.header().size()),
                            old,
                            reason == null ? "Another row of this work order has a fault." : reason));
                }
            });
        }
    }

    private static String said(RowFault fault) {
        return fault.column() + ": " + fault.reason() + " " + fault.remedy();
    }

    private static List<String> padded(List<String> cells, int width) {
        List<String> padded = new ArrayList<>(cells);
        while (padded.size() < width) {
            padded.add("");
        }
        return padded;
    }

    /** The cells with the reason behind them, in place of an older one. */
    private static List<String> with(List<String> cells, int old, String reason) {
        List<String> all = new ArrayList<>(cells);
        if (old >= 0) {
            all.remove(old);
        }
        all.add(reason);
        return all;
    }
}
