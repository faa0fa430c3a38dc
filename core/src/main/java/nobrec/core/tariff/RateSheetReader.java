package nobrec.core.tariff;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.rating.Surcharges;
import nobrec.core.rating.Tariff;

/**
 * Reads a rate sheet from the rows of its file. Each row begins with the word of what it says. Gaps, overlaps and what does not
 * read refuse the sheet, with the row and the reason; prices that fall are a caution.
 */
public final class RateSheetReader {

    private final List<SheetFault> faults = new ArrayList<>();
    private final Set<String> remote = new HashSet<>();
    private final List<SheetCells> surchargeRows = new ArrayList<>();
    private final SheetHead head = new SheetHead();
    private final ParcelRows parcel = new ParcelRows(head);
    private final FreightRows freight = new FreightRows(head);

    private RateSheetReader() {}

    /** @param rows of the file, each with its cells; empty rows and those that begin with # say nothing */
    public static SheetReading read(List<List<String>> rows) {
        return new RateSheetReader().readAll(rows);
    }

    private SheetReading readAll(List<List<String>> rows) {
        for (int index = 0; index < rows.size(); index++) {
            SheetCells cells = new SheetCells(index + 1, rows.get(index), faults);
            if (!cells.word().isEmpty() && !cells.word().startsWith("#")) {
                row(cells);
            }
        }
        Optional<Tariff> tariff = refused() ? Optional.empty() : tariff(rows.size());
        return new SheetReading(refused() ? Optional.empty() : tariff, faults);
    }

    private boolean refused() {
        return faults.stream().anyMatch(fault -> !fault.caution());
    }

    private void row(SheetCells cells) {
        switch (cells.word()) {
            case SheetWords.REMOTE -> remote.addAll(cells.words(1));
            case SheetWords.SURCHARGE -> surchargeRows.add(cells);
            default -> {
                if (!head.row(cells) && !(head.isFreight() ? freight.row(cells) : parcel.row(cells))) {
                    cells.refuse("No row of a " + (head.isFreight() ? SheetWords.FREIGHT : SheetWords.PARCEL)
                            + " begins with “" + cells.cell(0) + "”.");
                }
            }
        }
    }

    private Optional<Tariff> tariff(int lastRow) {
        SheetCells end = new SheetCells(lastRow, List.of(), faults);
        head.finish(end);
        if (head.isFreight()) {
            freight.finish(end);
        } else {
            parcel.finish(end);
        }
        Surcharges surcharges = new Surcharges(surchargeRows.stream()
                .flatMap(cells -> SurchargeText.read(cells, head.units(), remote).stream())
                .toList());
        if (refused()) {
            return Optional.empty();
        }
        return Optional.of(head.isFreight() ? freight.sheet(surcharges) : parcel.sheet(surcharges));
    }
}
