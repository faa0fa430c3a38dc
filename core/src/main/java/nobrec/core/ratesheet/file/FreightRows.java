package nobrec.core.ratesheet.file;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.item.FreightClass;
import nobrec.core.measure.Weight;
import nobrec.core.ratesheet.FreightSheet;
import nobrec.core.ratesheet.Surcharges;

/** The rows that only a freight sheet has, while they are read. */
final class FreightRows {

    private final SheetHead head;
    private final Map<FreightSheet.ZoneAndClass, List<Long>> rates = new LinkedHashMap<>();
    private List<Weight> from = List.of();
    private int discount;

    FreightRows(SheetHead head) {
        this.head = head;
    }

    /** @return whether the row belongs here */
    boolean row(SheetCells cells) {
        switch (cells.word()) {
            case SheetWords.DISCOUNT -> discount(cells);
            case SheetWords.FROM -> from(cells);
            case SheetWords.RATE -> rate(cells);
            default -> {
                return false;
            }
        }
        return true;
    }

    private void discount(SheetCells cells) {
        cells.thousandths(cells.cell(1), ParcelRows.MAX_DISCOUNT).ifPresent(thousandths -> discount = thousandths);
        cells.endsBefore(2);
    }

    private void from(SheetCells cells) {
        List<Weight> weights = new ArrayList<>();
        for (String text : cells.from(1)) {
            cells.weightOrZero(text, head.units()).ifPresent(weight -> {
                if (!weights.isEmpty() && !weight.isAbove(weights.get(weights.size() - 1))) {
                    cells.refuse("The break from " + text + " does not rise above the one before: the two overlap.");
                }
                weights.add(weight);
            });
        }
        if (weights.isEmpty() || !weights.get(0).isZero()) {
            cells.refuse("The first break must begin at 0, or light shipments have no rate: a gap.");
        }
        from = weights;
    }

    /** {@code rate, zone, class, cents per hundredweight in each break}. */
    private void rate(SheetCells cells) {
        Optional<FreightClass> freightClass = FreightClass.read(cells.cell(2));
        if (freightClass.isEmpty()) {
            cells.refuse("“" + cells.cell(2) + "” is not a freight class.");
            return;
        }
        if (from.isEmpty()) {
            cells.refuse("The row “from” must come before the first rate.");
            return;
        }
        head.naming(cells, List.of(cells.cell(1)));
        if (cells.from(3).size() > from.size()) {
            cells.refuse("There are more rates than the " + from.size() + " breaks.");
        }
        List<Long> cents = new ArrayList<>();
        for (int at = 0; at < from.size(); at++) {
            String text = cells.cell(3 + at);
            if (text.isEmpty()) {
                cells.refuse("There is no rate in the break from " + SurchargeText.write(from.get(at), head.units())
                        + " on: a gap.");
            } else {
                cells.cents(text).ifPresent(cents::add);
            }
        }
        if (rates.put(new FreightSheet.ZoneAndClass(cells.cell(1), freightClass.get()), cents) != null) {
            cells.refuse("Zone " + cells.cell(1) + " and class " + cells.cell(2) + " have rates already: an overlap.");
        }
        for (int at = 1; at < cents.size(); at++) {
            if (cents.get(at) > cents.get(at - 1)) {
                cells.caution("The rate rises to " + SurchargeText.money(cents.get(at))
                        + " though more is sent; rates per hundredweight usually fall.");
            }
        }
    }

    /** Refuses what is missing at the end of the file. */
    void finish(SheetCells end) {
        end.need(!from.isEmpty(), "its “from” row");
        end.need(!rates.isEmpty(), "“rate” rows");
        end.need(head.maximum().isPresent(), "its “maximum weight”");
    }

    FreightSheet sheet(Surcharges surcharges) {
        return new FreightSheet(
                head.service(),
                head.firstDay(),
                head.currency(),
                head.zoning(),
                from,
                rates,
                discount,
                head.minimumCents(),
                head.maximum().orElseThrow(),
                surcharges,
                head.fuel());
    }
}
