package nobrec.core.tariff;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nobrec.core.measure.Length;
import nobrec.core.measure.Weight;
import nobrec.core.rating.BillableWeight;
import nobrec.core.rating.BillableWeight.LeastBillable;
import nobrec.core.rating.BillableWeight.SizeRule;
import nobrec.core.rating.Discounts;
import nobrec.core.rating.Discounts.Discount;
import nobrec.core.rating.PriceTable;
import nobrec.core.rating.RateSheet;
import nobrec.core.rating.SurchargeCondition.Side;
import nobrec.core.rating.Surcharges;

/** The rows that only a parcel sheet has, while they are read. */
final class ParcelRows {

    private final SheetHead head;
    private final List<PriceTable.Row> breaks = new ArrayList<>();
    private final List<Discount> discounts = new ArrayList<>();
    private final List<LeastBillable> leastBillable = new ArrayList<>();
    private List<Long> aboveCents = List.of();
    private Weight weightStep;
    private Length sizeStep;
    private boolean nearest;
    private int divisor;
    private long fromVolume;

    ParcelRows(SheetHead head) {
        this.head = head;
    }

    /** @return whether the row belongs here */
    boolean row(SheetCells cells) {
        switch (cells.word()) {
            case SheetWords.WEIGHT_STEP ->
                cells.weight(cells.cell(1), head.units()).ifPresent(step -> weightStep = step);
            case SheetWords.SIZE_STEP -> sizeStep(cells);
            case SheetWords.DIVISOR -> divisor(cells);
            case SheetWords.DISCOUNT -> discount(cells);
            case SheetWords.LEAST_BILLABLE -> leastBillable(cells);
            case SheetWords.UP_TO -> upTo(cells);
            case SheetWords.ABOVE -> aboveCents = head.prices(cells, 1);
            default -> {
                return false;
            }
        }
        return true;
    }

    private void sizeStep(SheetCells cells) {
        cells.length(cells.cell(1), head.units()).ifPresent(step -> {
            Length unit = Length.of("1", head.units().lengthUnit());
            if (step.nanometres() == 0 || unit.nanometres() % step.nanometres() != 0) {
                cells.refuse("The size step must be a unit of length or a whole part of one.");
            }
            sizeStep = step;
        });
        nearest = cells.cell(2).equals("nearest");
    }

    private void divisor(SheetCells cells) {
        cells.whole(1).ifPresent(whole -> divisor = whole.intValue());
        if (divisor < 1) {
            cells.refuse("The divisor must be above zero; leave the row out where size does not count.");
        }
        if (!cells.cell(2).isEmpty()) {
            cells.whole(2).ifPresent(volume -> fromVolume = volume);
        }
    }

    /** {@code discount, 1 2 3, 1 lb, 20 lb, 12}. */
    private void discount(SheetCells cells) {
        Optional<Weight> lightest = cells.weight(cells.cell(2), head.units());
        Optional<Weight> heaviest = cells.weight(cells.cell(3), head.units());
        Optional<Integer> share = cells.thousandths(cells.cell(4));
        if (lightest.isPresent() && heaviest.isPresent() && share.isPresent()) {
            Discount next = new Discount(cells.words(1), lightest.get(), heaviest.get(), share.get());
            for (Discount other : discounts) {
                boolean zone = other.zones().stream().anyMatch(next.zones()::contains);
                if (zone && !other.from().isAbove(next.to()) && !next.from().isAbove(other.to())) {
                    cells.refuse("This discount overlaps an earlier one for the same zone and weight.");
                }
            }
            discounts.add(next);
        }
    }

    private void leastBillable(SheetCells cells) {
        Optional<Side> side =
                cells.read(cells.cell(1).toUpperCase(Locale.ROOT), "longest, second or girth", Side::valueOf);
        Optional<Length> above = cells.length(cells.cell(2), head.units());
        Optional<Weight> weight = cells.weight(cells.cell(3), head.units());
        if (side.isPresent() && above.isPresent() && weight.isPresent()) {
            leastBillable.add(new LeastBillable(side.get(), above.get(), weight.get()));
        }
    }

    private void upTo(SheetCells cells) {
        List<Long> cents = head.prices(cells, 2);
        cells.weight(cells.cell(1), head.units()).ifPresent(weight -> {
            if (!breaks.isEmpty()) {
                PriceTable.Row before = breaks.get(breaks.size() - 1);
                if (!weight.isAbove(before.upTo())) {
                    cells.refuse("The weight " + cells.cell(1) + " does not rise above that of the row before: "
                            + "the two overlap.");
                    return;
                }
                for (int zone = 0; zone < Math.min(cents.size(), before.cents().size()); zone++) {
                    if (cents.get(zone) < before.cents().get(zone)) {
                        cells.caution("In zone " + head.zones().get(zone) + " the price falls to "
                                + SurchargeText.money(cents.get(zone)) + " though the weight rises.");
                    }
                }
            }
            breaks.add(new PriceTable.Row(weight, cents));
        });
    }

    /** Refuses what is missing at the end of the file. */
    void finish(SheetCells end) {
        end.need(weightStep != null, "its “weight step”");
        end.need(!breaks.isEmpty(), "“up to” rows");
    }

    RateSheet sheet(Surcharges surcharges) {
        Length step = sizeStep == null ? Length.of("1", head.units().lengthUnit()) : sizeStep;
        Weight last = breaks.get(breaks.size() - 1).upTo();
        return new RateSheet(
                head.service(),
                head.firstDay(),
                head.currency(),
                new BillableWeight.Rules(head.units(), weightStep, new SizeRule(step, nearest, divisor, fromVolume)),
                head.zoning(),
                new PriceTable(breaks),
                aboveCents,
                head.greatest() == null ? last : head.greatest(),
                head.minimumCents(),
                new Discounts(discounts, head.zones()),
                leastBillable,
                surcharges,
                head.fuel());
    }
}
