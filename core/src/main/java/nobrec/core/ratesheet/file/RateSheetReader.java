package nobrec.core.ratesheet.file;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nobrec.core.notation.DecimalMark;
import nobrec.core.notation.FigureText;
import nobrec.core.ratesheet.Surcharges;
import nobrec.core.ratesheet.Tariff;

/**
 * Reads a rate sheet from the rows of its file. Each row begins with the word of what it says. Gaps, overlaps and what does not
 * read refuse the sheet, with the row and the reason; prices that fall are a caution.
 */
public final class RateSheetReader {

    /** Rows that may come more than once; all others say one thing of the whole sheet. */
    private static final Set<String> REPEATED = Set.of(
            SheetWords.ZONE_OF,
            SheetWords.SURCHARGE,
            SheetWords.REMOTE,
            SheetWords.DISCOUNT,
            SheetWords.MINIMUM_BILLABLE,
            SheetWords.UP_TO,
            SheetWords.RATE);

    private final List<SheetFault> faults = new ArrayList<>();
    private final Map<String, Integer> rowOfWord = new HashMap<>();
    private final Set<String> remote = new HashSet<>();
    private final List<SheetCells> surchargeRows = new ArrayList<>();
    private final SheetHead head = new SheetHead();
    private final ParcelRows parcel = new ParcelRows(head);
    private final FreightRows freight = new FreightRows(head);
    private final DecimalMark decimals;

    private RateSheetReader(DecimalMark decimals) {
        this.decimals = decimals;
    }

    /**
     * @param rows of the file, each with its cells; empty rows and those that begin with # say nothing
     * @param decimals how its figures are written; {@link DecimalMark#UNKNOWN} when they are to show it
     */
    public static SheetReading read(List<List<String>> rows, DecimalMark decimals) {
        return new RateSheetReader(decimals == DecimalMark.UNKNOWN ? shownBy(rows) : decimals).readAll(rows);
    }

    private static DecimalMark shownBy(List<List<String>> rows) {
        FigureText.Marks marks = new FigureText.Marks();
        rows.forEach(row -> row.forEach(marks::add));
        return marks.shown();
    }

    private SheetReading readAll(List<List<String>> rows) {
        for (int index = 0; index < rows.size(); index++) {
            SheetCells cells = new SheetCells(index + 1, rows.get(index), decimals, faults);
            if (cells.word().startsWith("#") || cells.from(0).isEmpty()) {
                continue;
            }
            if (cells.word().isEmpty()) {
                cells.refuse("The row does not begin with the word that says what it is.");
            } else if (rowOfWord.isEmpty() && !isKind(cells.word())) {
                cells.refuse("The first row must be “" + SheetWords.PARCEL + "” or “" + SheetWords.FREIGHT
                        + "” with the service's code.");
                return new SheetReading(Optional.empty(), faults);
            } else if (isFirst(cells)) {
                row(cells);
            }
        }
        Optional<Tariff> tariff = tariff(Math.max(1, rows.size()));
        faults.sort(Comparator.comparingInt(SheetFault::row));
        return new SheetReading(refused() ? Optional.empty() : tariff, faults);
    }

    private static boolean isKind(String word) {
        return word.equals(SheetWords.PARCEL) || word.equals(SheetWords.FREIGHT);
    }

    /** Refuses a second row of what stands once on a sheet. */
    private boolean isFirst(SheetCells cells) {
        String word = isKind(cells.word()) ? SheetWords.PARCEL : cells.word();
        Integer before = rowOfWord.putIfAbsent(word, cells.row());
        boolean repeated = REPEATED.contains(word) && !(head.isFreight() && word.equals(SheetWords.DISCOUNT));
        if (before != null && !repeated) {
            cells.refuse("“" + cells.word() + "” stands in row " + before + " already.");
            return false;
        }
        return true;
    }

    private boolean refused() {
        return faults.stream().anyMatch(fault -> !fault.caution());
    }

    private void row(SheetCells cells) {
        switch (cells.word()) {
            case SheetWords.REMOTE -> remote(cells);
            case SheetWords.SURCHARGE -> surchargeRows.add(cells);
            default -> {
                if (!head.row(cells) && !(head.isFreight() ? freight.row(cells) : parcel.row(cells))) {
                    cells.refuse("No row of a " + (head.isFreight() ? SheetWords.FREIGHT : SheetWords.PARCEL)
                            + " begins with “" + cells.cell(0) + "”.");
                }
            }
        }
    }

    private void remote(SheetCells cells) {
        for (String each : cells.words(1)) {
            if (!SheetHead.POSTAL_BEGINNING.matcher(each).matches()) {
                cells.refuse("“" + each + "” is no beginning of a postal code: one to five digits.");
            }
            remote.add(each);
        }
        cells.endsBefore(2);
    }

    private Optional<Tariff> tariff(int lastRow) {
        SheetCells end = new SheetCells(lastRow, List.of(), decimals, faults);
        end.need(!rowOfWord.isEmpty(), "a first row “rate sheet” or “freight sheet”");
        head.finish(end);
        if (head.isFreight()) {
            freight.finish(end);
        } else {
            parcel.finish(end);
        }
        Surcharges surcharges = new Surcharges(SurchargeText.readAll(surchargeRows, head.units(), remote));
        if (refused()) {
            return Optional.empty();
        }
        return Optional.of(head.isFreight() ? freight.sheet(surcharges) : parcel.sheet(surcharges));
    }
}
