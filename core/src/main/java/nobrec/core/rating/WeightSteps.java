package nobrec.core.rating;

import java.util.stream.LongStream;
import nobrec.core.measure.Weight;
import nobrec.core.ratesheet.RateSheet;
import nobrec.core.ratesheet.Surcharge;
import nobrec.core.ratesheet.SurchargeCondition;
import nobrec.core.service.Figures;

/**
 * The steps of weight within which a package of one size has one price: those of the sheet, but for the ones in which a limit
 * lies that the weight itself is held against.
 */
final class WeightSteps {

    /** Not within one of them. */
    static final int NONE = -1;

    /** No more of them are looked at. */
    static final int MAX = 256;

    private final Weight step;
    private final boolean[] divided = new boolean[MAX];

    private WeightSteps(Weight step, LongStream limits) {
        this.step = step;
        long width = step.eighthNanograms();
        limits.filter(limit -> limit % width != 0 && limit / width + 1 < MAX)
                .forEach(limit -> divided[(int) (limit / width) + 1] = true);
    }

    /** @param maximum the service takes no heavier package */
    static WeightSteps of(RateSheet sheet, Weight maximum) {
        return new WeightSteps(
                sheet.weightStep(),
                LongStream.concat(
                        sheet.surcharges().all().stream()
                                .map(Surcharge::condition)
                                .filter(condition -> condition.figure() == Figures.WEIGHT)
                                .mapToLong(SurchargeCondition::limitFigure),
                        LongStream.of(maximum.eighthNanograms())));
    }

    /** The number of the step a weight lies in, or {@link #NONE}. */
    int of(Weight weight) {
        long number = weight.stepsUp(step);
        return number >= MAX || divided[(int) number] ? NONE : (int) number;
    }
}
