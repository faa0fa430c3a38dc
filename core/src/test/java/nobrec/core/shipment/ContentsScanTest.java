package nobrec.core.shipment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import nobrec.core.item.LotShare;
import nobrec.core.item.PackItem;
import nobrec.core.packing.DemoStock;
import nobrec.core.shipment.ContentsScan.Verdict;
import nobrec.core.workorder.WorkOrder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ContentsScanTest {

    private static final PackItem ITEM = DemoStock.items().get(0);
    private static final PackItem OTHER = DemoStock.items().get(1);

    private static WorkOrder.Line withoutLots(long id, PackItem item, int quantity) {
        WorkOrder.Line line = SampleJobs.line(id, item, quantity);
        return new WorkOrder.Line(
                id,
                1,
                line.item(),
                line.description(),
                quantity,
                Optional.empty(),
                0,
                0,
                line.unitWeight(),
                line.unitSize(),
                line.handling(),
                List.of(),
                line.goods(),
                line.custom(),
                Optional.empty(),
                Set.of());
    }

    private final List<ContentsCount.Scanned> scans = new ArrayList<>();

    private ContentsScan scan(String text, int focus, Shipment shipment, Jobs jobs) {
        ContentsScan scan = ContentsScan.of(
                text,
                focus,
                shipment,
                jobs,
                new ContentsCount(shipment, scans),
                new ContentsScan.Meaning(
                        Set.of(ContentsScan.key(text)),
                        DemoStock.items().stream()
                                .anyMatch(item -> item.description().equalsIgnoreCase(text)),
                        Optional.of(text).filter("C1"::equals)));
        if (scan.verdict().counts()) {
            scans.add(new ContentsCount.Scanned(shipment.packageNumbered(focus).id(), scan.lineId(), scan.lot(), 1));
        }
        return scan;
    }

    private static Jobs jobs(WorkOrder job) {
        return new Jobs(job, List.of(job));
    }

    private static Shipment packed(Jobs jobs) {
        return HandPackingTest.packer(jobs).planned(SampleJobs.shipment(jobs));
    }

    @Test
    void theCountFillsAndOneTooManyIsSaid() {
        Jobs jobs = jobs(SampleJobs.job(1, SampleJobs.TO, List.of(withoutLots(11, ITEM, 2))));
        Shipment shipment = packed(jobs);
        String item = ITEM.description();
        assertThat(scan(item.toLowerCase(), 1, shipment, jobs).said()).endsWith("1 of 2");
        assertThat(new ContentsCount(shipment, scans).missing(jobs)).containsExactly("1 of " + item + " in package 1");
        assertThat(scan(item, 1, shipment, jobs).verdict()).isEqualTo(Verdict.COUNTED);
        assertThat(new ContentsCount(shipment, scans).isComplete()).isTrue();
        assertThat(scan(item, 1, shipment, jobs).verdict()).isEqualTo(Verdict.ONE_TOO_MANY);
        assertThat(scan(OTHER.description(), 1, shipment, jobs).verdict()).isEqualTo(Verdict.NOT_OF_SHIPMENT);
        assertThat(scan("C1", 1, shipment, jobs).verdict()).isEqualTo(Verdict.NEW_PACKAGE);
        assertThat(scan("4006381333931", 1, shipment, jobs).verdict()).isEqualTo(Verdict.UNKNOWN);
    }

    @Test
    void piecesWithLotsAreCountedByTheirLot() {
        Jobs jobs = jobs(SampleJobs.job(1, SampleJobs.TO, List.of(SampleJobs.line(11, ITEM, 2))));
        Shipment shipment = packed(jobs);
        assertThat(scan(ITEM.description(), 1, shipment, jobs).verdict()).isEqualTo(Verdict.LOT_WANTED);
        assertThat(scan("a11", 1, shipment, jobs).verdict()).isEqualTo(Verdict.COUNTED);
        assertThat(scan("A11", 1, shipment, jobs).verdict()).isEqualTo(Verdict.ONE_TOO_MANY);
        assertThat(scan("B11", 1, shipment, jobs).verdict()).isEqualTo(Verdict.COUNTED);
        assertThat(new ContentsCount(shipment, scans).isComplete()).isTrue();
    }

    @Test
    void aPieceOfAnotherPackageIsSentThereAndAPieceOfNoneGoesIn() {
        Jobs jobs = jobs(SampleJobs.job(1, SampleJobs.TO, List.of(withoutLots(11, ITEM, 3))));
        HandPacking hands = new HandPacking(HandPackingTest.packer(jobs));
        Shipment shipment =
                hands.add(packed(jobs), HandPackingTest.CARTONS.all().get(0).code());
        assertThat(scan(ITEM.description(), 2, shipment, jobs).verdict()).isEqualTo(Verdict.OTHER_PACKAGE);
        Shipment free = hands.move(shipment, 11, 1, 1, HandPacking.NO_PACKAGE);
        assertThat(scan(ITEM.description(), 2, free, jobs).verdict()).isEqualTo(Verdict.PLACED);
    }

    /** Whatever is scanned in whatever order: never more than is in a package, and complete exactly when all were scanned. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void noOrderOfScansCountsMoreThanThereIs(long seed) {
        Random random = new Random(seed);
        Jobs jobs = jobs(SampleJobs.job(
                1,
                SampleJobs.TO,
                List.of(SampleJobs.line(11, ITEM, 5), withoutLots(12, OTHER, 4), withoutLots(13, OTHER, 2))));
        Shipment shipment = packed(jobs);
        List<String> texts = List.of("A11", "B11", ITEM.description(), OTHER.description(), "nothing");
        for (int turn = 0; turn < 300; turn++) {
            int focus = 1 + random.nextInt(shipment.packages().size());
            scan(texts.get(random.nextInt(texts.size())), focus, shipment, jobs);
            ContentsCount count = new ContentsCount(shipment, scans);
            assertThat(count.pieces()).isEqualTo(scans.size()).isLessThanOrEqualTo(shipment.pieces());
            assertThat(count.missing(jobs).isEmpty()).isEqualTo(count.isComplete());
        }
        assertThat(new ContentsCount(shipment, scans).isComplete()).isTrue();
        assertThat(new ContentsCount(shipment, List.of())
                        .missing(jobs).stream()
                                .mapToInt(text -> Integer.parseInt(text.split(" ")[0]))
                                .sum())
                .isEqualTo(shipment.pieces());
        assertThat(shipment.packages().get(0).contents().get(0).lots()).first().isInstanceOf(LotShare.class);
    }
}
