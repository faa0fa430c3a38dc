package nobrec.core.ratesheet.file;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.core.measure.Length;
import nobrec.core.measure.Weight;
import nobrec.core.ratesheet.Discounts;
import nobrec.core.ratesheet.Discounts.Discount;
import nobrec.core.ratesheet.PriceTable;
import nobrec.core.ratesheet.RateSheet;
import nobrec.core.ratesheet.Surcharges;
import nobrec.core.service.BillableWeight;
import nobrec.core.service.BillableWeight.MinimumBillable;
import nobrec.core.service.BillableWeight.SizeRule;
import nobrec.core.service.PackageSide;
import org.jspecify.annotations.Nullable;

/** The rows that only a parcel sheet has, while they are read. */
final class ParcelRows {

    /** A discount takes no more than everything. */
    static final int MAX_DISCOUNT = 100;

    /** A size step is at least such a part of a unit of length, a weight step of a unit of weight. */
    private static final int PARTS_OF_LENGTH = 64;

    private static final int PARTS_OF_WEIGHT = 1000;
    private static final int MAX_VOLUME = 1_000_000_000;

    private final SheetHead head;
    private final List<PriceTable.Row> breaks = new ArrayList<>();
    private final List<Discount> discounts = new ArrayList<>();
    private final List<MinimumBillable> minimumBillable = new ArrayList<>();
    private List<Long> aboveCents = List.of();
    private @Nullable SheetCells above;
    private @Nullable Weight weightStep;
    private @Nullable Length sizeStep;
    private boolean nearest;
    private int divisor;
    private long fromVolume;

    ParcelRows(SheetHead head) {
        this.head = head;
    }

    /** @return whether the row belongs here */
    boolean row(SheetCells cells) {
        switch (cells.word()) {
            case SheetWords.WEIGHT_STEP -> weightStep(cells);
            case SheetWords.SIZE_STEP -> sizeStep(cells);
            case SheetWords.DIVISOR -> divisor(cells);
            case SheetWords.DISCOUNT -> discount(cells);
            case SheetWords.MINIMUM_BILLABLE -> minimumBillable(cells);
            case SheetWords.UP_TO -> upTo(cells);
            case SheetWords.ABOVE -> above(cells);
            default -> {
                return false;
            }
        }
        return true;
    }

    private void weightStep(SheetCells cells) {
        cells.weight(cells.cell(1), head.units()).ifPresent(step -> {
            if (head.units().oneWeight().isAbove(step.times(PARTS_OF_WEIGHT))) {
                cells.refuse("The weight step is less than a thousandth of a unit.");
            }
            weightStep = step;
        });
        cells.endsBefore(2);
    }

    private void sizeStep(SheetCells cells) {
        cells.length(cells.cell(1), head.units()).ifPresent(step -> {
            Length unit = head.units().oneLength();
            long parts = unit.nanometers() / step.nanometers();
            if (unit.nanometers() % step.nanometers() != 0 || parts > PARTS_OF_LENGTH) {
                cells.refuse("The size step must be a unit of length or a whole part of one, not below a "
                        + PARTS_OF_LENGTH + "th.");
            }
            sizeStep = step;
        });
        switch (cells.small(2)) {
            case "", "up" -> nearest = false;
            case "nearest" -> nearest = true;
            default -> cells.refuse("Sides are rounded “up” or to the “nearest” step, not “" + cells.cell(2) + "”.");
        }
        cells.endsBefore(3);
    }

    private void divisor(SheetCells cells) {
        cells.whole(1, 1, Limits.DIVISOR).ifPresent(whole -> divisor = whole);
        if (!cells.cell(2).isEmpty()) {
            cells.whole(2, 0, MAX_VOLUME).ifPresent(volume -> fromVolume = volume);
        }
        cells.endsBefore(3);
    }

    private void above(SheetCells cells) {
        above = cells;
        aboveCents = head.prices(cells, 1);
    }

    /** {@code discount, 1 2 3, 1 lb, 20 lb, 12}. */
    private void discount(SheetCells cells) {
        Optional<Weight> lightest = cells.weightOrZero(cells.cell(2), head.units());
        Optional<Weight> heaviest = cells.weight(cells.cell(3), head.units());
        Optional<Integer> share = cells.thousandths(cells.cell(4), MAX_DISCOUNT);
        cells.endsBefore(5);
        head.naming(cells, cells.words(1));
        if (cells.words(1).isEmpty()) {
            cells.refuse("A discount needs the zones it is given in.");
        }
        if (lightest.isPresent() && heaviest.isPresent() && lightest.get().isAbove(heaviest.get())) {
            cells.refuse("The discount ends below the weight with which it begins.");
        }
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

    private void minimumBillable(SheetCells cells) {
        Optional<PackageSide> side = Arrays.stream(PackageSide.values())
                .filter(each -> each.name().equalsIgnoreCase(cells.cell(1)))
                .findFirst();
        if (side.isEmpty()) {
            cells.refuse("“" + cells.cell(1) + "” is not longest, second or girth.");
        }
        Optional<Length> above = cells.length(cells.cell(2), head.units());
        Optional<Weight> weight = cells.weight(cells.cell(3), head.units());
        cells.endsBefore(4);
        if (side.isPresent() && above.isPresent() && weight.isPresent()) {
            minimumBillable.add(new MinimumBillable(side.get(), above.get(), weight.get()));
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
        if (above != null && !breaks.isEmpty()) {
            Weight last = breaks.get(breaks.size() - 1).upTo();
            if (head.maximum().filter(each -> each.isAbove(last)).isEmpty()) {
                above.refuse(
                        "“above” needs a “maximum weight” above the last “up to”: no package would be priced by it.");
            }
        }
    }

    RateSheet sheet(Surcharges surcharges) {
        Length step = sizeStep == null ? head.units().oneLength() : sizeStep;
        Weight last = breaks.get(breaks.size() - 1).upTo();
        return new RateSheet(
                head.service(),
                head.firstDay(),
                head.currency(),
                new BillableWeight.Rules(
                        head.units(),
                        Objects.requireNonNull(weightStep, SheetWords.WEIGHT_STEP),
                        new SizeRule(step, nearest, divisor, fromVolume)),
                head.zoning(),
                new PriceTable(breaks),
                aboveCents,
                head.maximum().orElse(last),
                head.minimumCents(),
                new Discounts(discounts, head.zones()),
                minimumBillable,
                surcharges,
                head.fuel());
    }
}
