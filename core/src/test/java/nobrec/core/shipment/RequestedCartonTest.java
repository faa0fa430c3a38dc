package nobrec.core.shipment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import nobrec.core.carton.CartonType;
import nobrec.core.item.Handling;
import nobrec.core.item.PackItem;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.workorder.RuleAct;
import nobrec.core.workorder.Ruling;
import nobrec.core.workorder.WorkOrder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A job that asks for a carton, itself or by a house rule, is packed in it where all of it goes in. */
class RequestedCartonTest {

    private static PackItem pieces(String size, String pounds) {
        return new PackItem(
                1,
                "Block",
                3,
                Optional.of(Weight.of(pounds, WeightUnit.POUND)),
                Optional.of(side(size)),
                Handling.ANY,
                List.of());
    }

    private static Size side(String inches) {
        return Size.of(inches, inches, inches, LengthUnit.INCH);
    }

    private static List<Shipment.Package> packed(String carton, PackItem item) {
        Ruling ruling = new Ruling(
                List.of(new Ruling.Acted(1, "R", "", List.of(new RuleAct(RuleAct.Kind.CARTON, carton, false)))));
        WorkOrder job = SampleJobs.job(1, SampleJobs.TO, List.of(SampleJobs.line(1, item, 3)), ruling)
                .ruled();
        Jobs jobs = new Jobs(job, List.of(job));
        return HandPackingTest.packer(jobs).planned(SampleJobs.shipment(jobs)).packages();
    }

    static List<CartonType> cartonsThatHoldThreeInches() {
        return HandPackingTest.CARTONS.all().stream()
                .filter(type -> Stream.of(
                                type.inner().length(),
                                type.inner().width(),
                                type.inner().height())
                        .allMatch(each -> each.compareTo(side("3").length()) >= 0))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("cartonsThatHoldThreeInches")
    void isPackedInTheCartonItAsksFor(CartonType asked) {
        List<Shipment.Package> packages = packed(asked.code(), pieces("3", "0.2"));
        assertThat(packages).isNotEmpty().allSatisfy(each -> {
            assertThat(each.cartonCode()).isEqualTo(asked.code());
            assertThat(each.cartonReason()).isEqualTo("The job asks for it.");
        });
        assertThat(packages.stream()
                        .flatMap(each -> each.contents().stream())
                        .mapToInt(Shipment.Content::quantity)
                        .sum())
                .isEqualTo(3);
    }

    @Test
    void oneThatDoesNotTakeAllOfItIsSaidAndAnotherTaken() {
        CartonType small = HandPackingTest.CARTONS.byCode("C0");
        List<Shipment.Package> packages = packed("C0", pieces("9", "2"));
        assertThat(packages).noneMatch(each -> each.cartonCode().equals("C0"));
        assertThat(packages.get(0).cartonReason())
                .startsWith("The job asks for " + small.name() + ", which does not take all of it. ");
    }

    @Test
    void oneThatIsNotSetUpAnyMoreIsNoMatter() {
        assertThat(packed("GONE", pieces("3", "0.2")))
                .isNotEmpty()
                .allSatisfy(each -> assertThat(each.cartonReason()).doesNotContain("asks for"));
    }

    @Test
    void theRecordCountsBeforeARuleThatOnlyFillsIn() {
        Ruling ruling = new Ruling(List.of(new Ruling.Acted(
                1,
                "R",
                "",
                List.of(
                        new RuleAct(RuleAct.Kind.SERVICE, "Ground", false),
                        new RuleAct(RuleAct.Kind.TERMS, "receiver pays", true),
                        new RuleAct(RuleAct.Kind.HOLD, "why", false)))));
        WorkOrder job = SampleJobs.job(1, SampleJobs.TO, List.of(), ruling).ruled();
        assertThat(job.requestedService()).isEqualTo("Ground");
        assertThat(job.terms().words()).isEqualTo("receiver pays");
        assertThat(job.particulars().hold()).isEqualTo("why");
        assertThat(ruling.decides(RuleAct.Kind.SERVICE, "Overnight")).isEmpty();
        assertThat(ruling.decides(RuleAct.Kind.SERVICE, "")).contains("Ground");
    }
}
