package nobrec.core.departure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import org.junit.jupiter.api.Test;

class PickupLoadTest {

    private static Weight pounds(String figure) {
        return Weight.of(figure, WeightUnit.POUND);
    }

    @Test
    void countsByWeightWhereAllWeightsAreKnown() {
        assertThat(new PickupLoad(pounds("30"), 1, Optional.of(pounds("70")), 9).packedPercent())
                .isEqualTo(30);
    }

    @Test
    void countsPackagesAndJobsWhereOneIsNot() {
        assertThat(new PickupLoad(pounds("30"), 1, Optional.empty(), 3).packedPercent())
                .isEqualTo(25);
        assertThat(PickupLoad.sum(List.of(Optional.of(pounds("1")), Optional.empty())))
                .isEmpty();
    }

    @Test
    void nothingToTakeIsNotFullyPacked() {
        assertThat(new PickupLoad(Weight.ZERO, 0, Optional.of(Weight.ZERO), 0).packedPercent())
                .isZero();
    }
}
