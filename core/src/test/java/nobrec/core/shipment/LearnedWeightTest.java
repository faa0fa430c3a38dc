package nobrec.core.shipment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import nobrec.core.carton.CartonType;
import nobrec.core.item.Handling;
import nobrec.core.item.Item;
import nobrec.core.item.LineGoods;
import nobrec.core.item.PackItem;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.workorder.Ruling;
import nobrec.core.workorder.WorkOrder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The figures are worked out by hand from the carton's tare: small carton C1, 0.35 lb. */
class LearnedWeightTest {

    private static final CartonType C1 = HandPackingTest.CARTONS.byCode("C1");

    private static Weight pounds(String amount) {
        return Weight.of(amount, WeightUnit.POUND);
    }

    private static WorkOrder.Line line(long id, String item, String recorded) {
        return SampleJobs.line(
                id,
                new PackItem(
                        id,
                        item,
                        4,
                        recorded.isEmpty() ? Optional.empty() : Optional.of(pounds(recorded)),
                        Optional.empty(),
                        Handling.ANY,
                        List.of()),
                4);
    }

    private static Optional<LearnedWeight> learned(String gross, String listed, WorkOrder.Line... lines) {
        WorkOrder job = SampleJobs.job(1, SampleJobs.TO, List.of(lines), Ruling.NONE);
        Shipment.Package packed = new Shipment.Package(
                1,
                1,
                C1.code(),
                "",
                C1.outer(),
                Optional.empty(),
                gross.isEmpty() ? Optional.empty() : Optional.of(pounds(gross)),
                Optional.of(Shipment.WeightSource.SCALE),
                Optional.empty(),
                false,
                List.of(lines).stream()
                        .map(line -> new Shipment.Content(line.id(), 4, List.of()))
                        .toList(),
                List.of());
        return LearnedWeight.of(
                packed,
                new Jobs(job, List.of(job)),
                HandPackingTest.CARTONS,
                number -> listed.isEmpty() ? Optional.empty() : Optional.of(item(number, listed)),
                UnitSystem.POUND_INCH);
    }

    private static Item item(String number, String weight) {
        return new Item(
                number, "", Optional.of(pounds(weight)), Optional.empty(), Handling.ANY, LineGoods.UNKNOWN, "", "");
    }

    @ParameterizedTest
    @CsvSource({
        // gross, listed, recorded, learned; 4 pieces
        "4.35, '', '', 1",
        "4.35, '', 1, ''",
        "4.35, '', 1.05, ''",
        "4.35, '', 1.06, 1",
        "4.35, 1, 5, ''",
        "4.35, 2, 1, 1",
        "1.352, '', '', 0.251",
        "0.35, '', '', ''",
        "0.30, '', '', ''",
        "0.351, '', '', 0.001",
        "'', '', '', ''"
    })
    void saysWhatIsNews(String gross, String listed, String recorded, String found) {
        assertThat(learned(gross, listed, line(1, "SK-2", recorded)).map(LearnedWeight::weight))
                .isEqualTo(found.isEmpty() ? Optional.empty() : Optional.of(pounds(found)));
    }

    @Test
    void twoKindsOfItemsTellNothingAndTwoLinesOfOneDo() {
        assertThat(learned("8.35", "", line(1, "SK-2", ""), line(2, "SK-3", "")))
                .isEmpty();
        assertThat(learned("8.35", "", line(1, "SK-2", ""), line(2, "SK-2", "1")))
                .contains(new LearnedWeight("SK-2", pounds("1"), "8.35 lb less 0.35 lb of the carton, over 8 pieces."));
    }
}
