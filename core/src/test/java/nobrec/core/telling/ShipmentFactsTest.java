package nobrec.core.telling;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.carton.CartonKind;
import nobrec.core.item.LotShare;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.packing.DemoStock;
import nobrec.core.rating.DemoRates;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.SampleJobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.workorder.WorkOrder;
import org.joda.money.Money;
import org.junit.jupiter.api.Test;

/** Two jobs in two packages: 3 of 5 pieces of the first, all 4 of the second. */
class ShipmentFactsTest {

    private static final WorkOrder FIRST = SampleJobs.job(
            1, SampleJobs.TO, List.of(SampleJobs.line(11, DemoStock.items().get(0), 5)));
    private static final WorkOrder SECOND = SampleJobs.job(
            2, SampleJobs.TO, List.of(SampleJobs.line(21, DemoStock.items().get(1), 4)));
    private static final Jobs JOBS = new Jobs(FIRST, List.of(FIRST, SECOND));

    private static Shipment.Package packed(int number, String pounds, Shipment.Content... contents) {
        return new Shipment.Package(
                number,
                number,
                "C1",
                "",
                Size.of("12", "8.5", "4", LengthUnit.INCH),
                Optional.empty(),
                Optional.of(Weight.of(pounds, WeightUnit.POUND)),
                Optional.empty(),
                Optional.of("N" + number),
                false,
                List.of(contents),
                List.of());
    }

    private static final Shipment GONE = new Shipment(
            9,
            1,
            1,
            ShipmentState.SHIPPED,
            Optional.empty(),
            Set.of(),
            Optional.empty(),
            Optional.of("ines"),
            Optional.of(new Shipment.Outcome(
                    "SVC",
                    LocalDate.of(2026, 12, 1),
                    LocalDate.of(2026, 12, 3),
                    Money.parse("USD 18.42"),
                    Money.parse("USD 21.11"),
                    Money.parse("USD 2.69"),
                    Instant.EPOCH)),
            List.of(new Shipment.Line(11, 3), new Shipment.Line(21, 4)),
            List.of(
                    packed(1, "2.5", new Shipment.Content(11, 3, List.of(new LotShare("A", 2), new LotShare("B", 1)))),
                    packed(2, "1.25", new Shipment.Content(21, 4, List.of()))));

    private static FactSheet sheet(WorkOrder job) {
        ShipmentFacts.Left left = new ShipmentFacts.Left(
                GONE,
                JOBS,
                DemoRates.service(CartonKind.CARTON),
                "Main works",
                List.of("N0", "N1", "N2"),
                UnitSystem.POUND_INCH);
        return ShipmentFacts.of(
                left, job, Moment.HANDED_OVER, new ShipmentFacts.Around("Boxed", "2026-12-01T16:30:00-06:00"));
    }

    private static String told(WorkOrder job, String template) {
        return Template.read("Note", template, FactScope.SHIPMENT).write(sheet(job), each -> each);
    }

    @Test
    void moneyStandsOnTheLeadingJobOnly() {
        assertThat(told(FIRST, "{cost} {customer charge} {margin}, with {goes with}"))
                .isEqualTo("18.42 21.11 2.69, with " + SECOND.number());
        assertThat(told(SECOND, "{cost} {customer charge} {margin}, with {goes with}"))
                .isEqualTo("0.00 0.00 0.00, with " + FIRST.number());
    }

    @Test
    void aPartSaysWhatIsInItAndHowMuchItWeighs() {
        String first = DemoStock.items().get(0).description();
        assertThat(told(FIRST, "{status}, {job status}: {pieces} in {packages}, {weight}"))
                .isEqualTo("handed over, Boxed: 3 in 2, 3.75");
        assertThat(told(FIRST, "{contents | lines}"))
                .startsWith("Package 1: 3 x " + first + " (2 of A, B)\nPackage 2: 4 x ");
        assertThat(told(FIRST, "{tracking} of {job tracking}, {first tracking}"))
                .isEqualTo("N1, N2 of N0, N1, N2, N1");
        assertThat(told(FIRST, "{ship date | MMM d} to {arrival | MMM d} by {shipped by}"))
                .isEqualTo("Dec 1 to Dec 3 by ines");
    }

    @Test
    void eachPackageAndLineSaysWhatIsItsOwn() {
        FactSheet sheet = sheet(FIRST);
        assertThat(sheet.packages().get(0))
                .containsEntry(TellingFact.PACKAGE_TRACKING, "N1")
                .containsEntry(TellingFact.PACKAGE_SIZE, "12 x 8.5 x 4 in");
        assertThat(sheet.lines())
                .singleElement()
                .satisfies(line -> assertThat(line)
                        .containsEntry(TellingFact.ORDERED, "5")
                        .containsEntry(TellingFact.SHIPPED_NOW, "3")
                        .containsEntry(TellingFact.LOTS, "2 of A\nB"));
        assertThat(ShipmentFacts.of(FIRST, Moment.INVOICED, new ShipmentFacts.Around("", ""))
                        .facts())
                .containsEntry(TellingFact.STATUS, "invoiced")
                .containsEntry(TellingFact.PIECES_TO_COME, "5")
                .doesNotContainKey(TellingFact.TRACKING);
    }
}
