package nobrec.core.shipment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import nobrec.core.measure.Size;
import nobrec.core.packing.DemoStock;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.WorkOrder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever package is taken out of whatever shipment: no piece is lost, none is in two, and the others keep their numbers. */
class PackageSplitTest {

    private static final long FIRST = 1;
    private static final long SECOND = 2;

    private static Jobs jobs() {
        WorkOrder.Line line = SampleJobs.line(11, DemoStock.items().get(0), 100);
        WorkOrder.Line other = SampleJobs.line(21, DemoStock.items().get(1), 100);
        WorkOrder first = SampleJobs.job(FIRST, SampleJobs.TO, List.of(line));
        return new Jobs(first, List.of(first, SampleJobs.job(SECOND, SampleJobs.TO, List.of(other))));
    }

    private static Shipment.Package packed(int number, Shipment.Content... contents) {
        Size size = HandPackingTest.CARTONS.byCode("C1").outer();
        return new Shipment.Package(
                100 + number,
                number,
                "C1",
                "",
                size,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of("N" + number),
                false,
                List.of(contents),
                List.of());
    }

    private static Shipment.Content of(long line, int pieces) {
        return new Shipment.Content(line, pieces, List.of());
    }

    private static Shipment gone(List<Shipment.Package> packages) {
        Shipment holding = SampleJobs.shipment(jobs()).holding(packages);
        return holding.going(holding.placed().entrySet().stream()
                .map(entry -> new Shipment.Line(entry.getKey(), entry.getValue()))
                .toList());
    }

    @Test
    void whatGoesOnAndWhatComesBack() {
        Shipment gone = gone(List.of(packed(1, of(11, 3)), packed(2, of(11, 1), of(21, 2)), packed(3, of(21, 4))));
        PackageSplit split = PackageSplit.of(gone, jobs(), 2);
        assertThat(split.rest().packages()).extracting(Shipment.Package::number).containsExactly(1, 3);
        assertThat(split.rest().lines()).containsExactlyInAnyOrder(new Shipment.Line(11, 3), new Shipment.Line(21, 4));
        assertThat(split.lines()).containsExactlyInAnyOrder(new Shipment.Line(11, 1), new Shipment.Line(21, 2));
        assertThat(split.leading()).isEqualTo(FIRST);
        assertThat(PackageSplit.of(gone, jobs(), 3).leading())
                .as("it holds nothing of the one that the shipment was opened for")
                .isEqualTo(SECOND);
    }

    @Test
    void theInvoiceThatTheFreightStandsOnKeepsItsPieces() {
        Shipment gone = gone(List.of(packed(1, of(11, 3)), packed(2, of(21, 2))));
        assertThatThrownBy(() -> PackageSplit.of(gone, jobs(), 1))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("all that goes of job 241");
        assertThatThrownBy(() -> PackageSplit.of(gone(List.of(packed(1, of(11, 3)))), jobs(), 1))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("all that goes with this shipment");
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void noPieceIsLostAndNoneIsInTwo(long seed) {
        Random random = new Random(seed);
        for (int turn = 0; turn < 200; turn++) {
            List<Shipment.Package> packages = new ArrayList<>(List.of(packed(1, of(11, 1))));
            for (int number = 2; number <= 2 + random.nextInt(6); number++) {
                packages.add(packed(
                        number,
                        random.nextInt(4) == 0
                                ? new Shipment.Content[] {}
                                : new Shipment.Content[] {of(11, 1 + random.nextInt(3)), of(21, 1 + random.nextInt(3))
                                }));
            }
            Shipment gone = gone(packages);
            PackageSplit split = PackageSplit.of(gone, jobs(), 2);
            assertThat(split.rest().piecesPlaced() + split.taken().pieces()).isEqualTo(gone.pieces());
            assertThat(split.rest().pieces()).isEqualTo(split.rest().piecesPlaced());
            assertThat(split.alone(gone).pieces()).isEqualTo(split.taken().pieces());
        }
    }
}
