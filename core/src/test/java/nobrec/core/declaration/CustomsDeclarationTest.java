package nobrec.core.declaration;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import nobrec.core.customs.CustomsFact;
import nobrec.core.customs.DeclaredTerms;
import nobrec.core.customs.ExchangeRate;
import nobrec.core.customs.ExportDetails;
import nobrec.core.item.Handling;
import nobrec.core.item.LineGoods;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.workorder.SampleJobs;
import nobrec.core.workorder.WorkOrder;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.Test;

/** Totals agree with the packages to the gram and the cent, however goods lie and whatever a currency costs. */
class CustomsDeclarationTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 12, 1);
    private static final long GRAM = 8_000_000_000L;

    private static WorkOrder.Line line(long id, long eighthNanograms, long cents) {
        return new WorkOrder.Line(
                id,
                (int) id,
                "I-" + id,
                "Seal ring " + id,
                1_000,
                Optional.empty(),
                0,
                0,
                Optional.of(new Weight(eighthNanograms)),
                Optional.empty(),
                Handling.ANY,
                List.of(),
                new LineGoods(Optional.of(cents), "4016.93", "US", Optional.empty(), Optional.empty(), ""),
                Map.of(),
                Optional.empty(),
                Set.of());
    }

    private static Shipment.Package packed(int number, Weight weight, List<Shipment.Content> contents) {
        return new Shipment.Package(
                number,
                number,
                "P-10",
                "",
                Size.of("10", "8", "6", LengthUnit.INCH),
                Optional.empty(),
                Optional.of(weight),
                Optional.of(Shipment.WeightSource.SCALE),
                Optional.empty(),
                false,
                contents,
                List.of());
    }

    private static Shipment shipment(List<Shipment.Package> packages, int lines) {
        return new Shipment(
                1,
                1,
                1,
                ShipmentState.OPEN,
                Optional.empty(),
                Set.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                LongStream.rangeClosed(1, lines)
                        .mapToObj(id -> new Shipment.Line(id, 1))
                        .toList(),
                packages);
    }

    private static DeclaredTerms terms(String currency, Optional<ExchangeRate> rate) {
        return DeclaredTerms.of(
                new ExportDetails(Optional.empty(), Optional.empty(), Optional.empty(), currency, Optional.empty()),
                DeclaredTerms.Usual.AT_FIRST,
                CurrencyUnit.USD,
                rate);
    }

    private static Jobs jobs(List<WorkOrder.Line> lines) {
        WorkOrder job = SampleJobs.job("2417", lines);
        return new Jobs(job, List.of(job));
    }

    @Test
    void linesAndPackagesAddUpToTheSameGramAndCent() {
        Random random = new Random(11);
        for (int turn = 0; turn < 300; turn++) {
            int count = 1 + random.nextInt(5);
            List<WorkOrder.Line> lines = new ArrayList<>();
            for (int id = 1; id <= count; id++) {
                lines.add(line(id, 1 + random.nextLong(3 * GRAM), 1 + random.nextLong(9_999)));
            }
            List<Shipment.Package> packages = new ArrayList<>();
            BigInteger exact = BigInteger.ZERO;
            for (int number = 1; number <= 1 + random.nextInt(4); number++) {
                List<Shipment.Content> contents = new ArrayList<>();
                for (int id = 1; id <= count; id++) {
                    int pieces = 1 + random.nextInt(40);
                    contents.add(new Shipment.Content(id, pieces, List.of()));
                    exact = exact.add(BigInteger.valueOf(
                                    lines.get(id - 1).unitWeight().orElseThrow().eighthNanograms())
                            .multiply(BigInteger.valueOf(pieces)));
                }
                packages.add(packed(number, new Weight(random.nextLong(9_000 * GRAM)), contents));
            }
            boolean abroad = random.nextBoolean();
            DeclaredTerms terms = terms(
                    abroad ? "EUR" : "",
                    Optional.of(new ExchangeRate("EUR", TODAY, BigDecimal.valueOf(1 + random.nextInt(20_000), 4)))
                            .filter(each -> abroad));
            CustomsDeclaration declaration = CustomsDeclaration.of(shipment(packages, count), jobs(lines), terms);
            long sum = exact.add(BigInteger.valueOf(GRAM / 2))
                    .divide(BigInteger.valueOf(GRAM))
                    .longValueExact();
            assertThat(declaration.netGrams()).isEqualTo(sum);
            assertThat(declaration.lines().stream()
                            .mapToLong(CustomsDeclaration.Line::netGrams)
                            .sum())
                    .isEqualTo(sum);
            assertThat(declaration.packages().stream()
                            .map(each -> each.value(terms))
                            .reduce(terms.declared(0), Money::plus))
                    .isEqualTo(declaration.value());
            assertThat(declaration.lines())
                    .allSatisfy(each ->
                            assertThat(each.value()).isEqualTo(each.unitValue().multipliedBy(each.quantity())));
        }
    }

    @Test
    void whatWeighsMoreThanItsPackageStops() {
        List<WorkOrder.Line> lines = List.of(line(1, 500 * GRAM, 2600));
        Shipment.Content two = new Shipment.Content(1, 2, List.of());
        Shipment light = shipment(List.of(packed(1, new Weight(999 * GRAM), List.of(two))), 1);
        assertThat(DeclarationCheck.of(light, jobs(lines), terms("", Optional.empty()), TODAY))
                .singleElement()
                .matches(problem -> problem.stops() && problem.fact() == CustomsFact.NET_WEIGHT);
        Shipment right = shipment(List.of(packed(1, new Weight(1_000 * GRAM), List.of(two))), 1);
        assertThat(DeclarationCheck.of(right, jobs(lines), terms("", Optional.empty()), TODAY))
                .isEmpty();
    }
}
