package nobrec.core.partner;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nobrec.core.identifier.CompanyPrefix;
import nobrec.core.item.Handling;
import nobrec.core.item.LineGoods;
import nobrec.core.item.LotShare;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.workorder.SampleJobs;
import nobrec.core.workorder.WorkOrder;
import org.junit.jupiter.api.Test;

/** What a notice or a label cannot say is said before anything leaves, and no number is cut. */
class PartnerCheckTest {

    private static final InterchangeId THEIRS = InterchangeId.read("theirs", "ZZ", "GREBE01");

    private static PartnerProfile profile(NoticeForm form, Set<LabelElement> elements) {
        return new PartnerProfile("Grebe", List.of("Grebe"), true, elements, form, "", THEIRS, false, 0);
    }

    private static ShopNumbers shop(String prefix) {
        return new ShopNumbers(Optional.of(new CompanyPrefix(prefix)), 0, "", InterchangeId.NONE);
    }

    private static List<String> reasons(
            PartnerProfile profile, String po, String item, String description, String lot) {
        return reasons(profile, po, item, description, lot, "0614141", 1_000, 1);
    }

    private static List<String> reasons(
            PartnerProfile profile,
            String po,
            String item,
            String description,
            String lot,
            String prefix,
            long left,
            long shipmentId) {
        WorkOrder.Line line = new WorkOrder.Line(
                1,
                1,
                item,
                description,
                4,
                Optional.empty(),
                0,
                0,
                Optional.empty(),
                Optional.empty(),
                Handling.ANY,
                List.of(new LotShare(lot, 4)),
                LineGoods.UNKNOWN,
                Map.of(),
                Optional.empty(),
                Set.of());
        WorkOrder job = SampleJobs.job("2611", po, List.of(line));
        Shipment.Package packed = new Shipment.Package(
                1,
                1,
                "P-10",
                "",
                Size.of("10", "8", "6", LengthUnit.INCH),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                List.of(),
                List.of());
        Shipment shipment = new Shipment(
                shipmentId,
                1,
                1,
                ShipmentState.OPEN,
                Optional.empty(),
                Set.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(new Shipment.Line(1, 4)),
                List.of(packed));
        return PartnerCheck.of(profile, shop(prefix), left, shipment, new Jobs(job, List.of(job))).stream()
                .map(PartnerProblem::reason)
                .toList();
    }

    @Test
    void x12SaysLatinLettersAndNumbersOfItsLengths() {
        PartnerProfile x12 = profile(NoticeForm.X12, Set.of());
        assertThat(reasons(x12, "G-44170", "SK-2", "Dichtungssatz für Zylinder", "A2231"))
                .isEmpty();
        assertThat(reasons(x12, "P".repeat(23), "SK-2", "Seal kit", "A")).hasSize(1);
        assertThat(reasons(x12, "G-1", "I".repeat(49), "Seal kit", "A")).hasSize(1);
        assertThat(reasons(x12, "G-1", "SK-2", "Seal kit", "L".repeat(31))).hasSize(1);
        assertThat(reasons(x12, "G-1", "SK-2", "シール", "A"))
                .containsExactly("“シール” has letters that an X12 notice cannot say.");
        assertThat(reasons(x12, "", "SK-2", "Seal kit", "A"))
                .containsExactly("Grebe finds its order by its number, and job 2611 has none.");
    }

    @Test
    void ublSaysWhatX12CannotAndBarsHoldNoBlanks() {
        assertThat(reasons(profile(NoticeForm.UBL, Set.of()), "P".repeat(60), "SK-2", "シール", "L".repeat(60)))
                .isEmpty();
        PartnerProfile bars = profile(NoticeForm.NONE, Set.of(LabelElement.CUSTOMER_PO));
        assertThat(reasons(bars, "G 44170", "SK-2", "Seal kit", "A")).hasSize(1);
        assertThat(reasons(bars, "G-44170", "SK-2", "Seal kit", "A")).isEmpty();
        assertThat(reasons(profile(NoticeForm.NONE, Set.of()), "", "SK-2", "Seal kit", "A"))
                .isEmpty();
    }

    /** Found out after it has left it would hold up labels and postings. */
    @Test
    void numbersThatRunOutAreSaidBefore() {
        PartnerProfile label = profile(NoticeForm.NONE, Set.of(LabelElement.SHIPMENT));
        assertThat(reasons(label, "", "SK-2", "Seal kit", "A", "0614141", 1, 1)).isEmpty();
        assertThat(reasons(label, "", "SK-2", "Seal kit", "A", "0614141", 0, 1))
                .containsExactly("Only 0 package numbers are left for Grebe.");
        assertThat(reasons(label, "", "SK-2", "Seal kit", "A", "061414100001", 9, 9_999))
                .isEmpty();
        assertThat(reasons(label, "", "SK-2", "Seal kit", "A", "061414100001", 9, 10_000))
                .hasSize(1);
    }
}
