package nobrec.core.handover;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import nobrec.core.handover.HandoverScan.Inside;
import nobrec.core.handover.HandoverScan.Labeled;
import nobrec.core.handover.HandoverScan.Verdict;
import nobrec.core.handover.HandoverScan.Wanted;
import org.junit.jupiter.api.Test;

class HandoverScanTest {

    private static final Wanted PLOVER = new Wanted(7, "PLOVER", "Plover Parcel", 1);
    private static final LocalDate DAY = LocalDate.of(2026, 12, 1);

    private static Labeled labeled(String carrier, long site, boolean beingVoided, Optional<Inside> inside) {
        return new Labeled(
                "PV1",
                "2417",
                carrier,
                carrier.equals("PLOVER") ? "Plover Parcel" : carrier,
                site,
                "Beloit",
                beingVoided,
                inside);
    }

    private static Inside inside(long handover, boolean closed) {
        return new Inside(handover, "Plover Parcel", DAY, closed, "Rufus Ashdown");
    }

    @Test
    void whatGoesGoesAndEverythingElseSaysWhy() {
        assertThat(HandoverScan.of(PLOVER, labeled("PLOVER", 1, false, Optional.empty()))
                        .verdict())
                .isEqualTo(Verdict.TAKEN);
        HandoverScan other = HandoverScan.of(PLOVER, labeled("Dunlin Express", 1, false, Optional.empty()));
        assertThat(other.verdict()).isEqualTo(Verdict.OTHER_CARRIER);
        assertThat(other.said()).isEqualTo("Package PV1 of job 2417 goes by Dunlin Express.");
        assertThat(HandoverScan.of(PLOVER, labeled("PLOVER", 2, false, Optional.empty()))
                        .said())
                .contains("leaves from Beloit");
        assertThat(HandoverScan.of(PLOVER, labeled("PLOVER", 1, true, Optional.empty()))
                        .verdict())
                .isEqualTo(Verdict.BEING_VOIDED);
    }

    /** Where it stands comes before whose it is: a package that has gone has gone. */
    @Test
    void whatIsInAHandoverSaysInWhich() {
        assertThat(HandoverScan.of(PLOVER, labeled("PLOVER", 1, false, Optional.of(inside(7, false))))
                        .said())
                .contains("in already", "Rufus Ashdown");
        assertThat(HandoverScan.of(PLOVER, labeled("GODWIT", 2, true, Optional.of(inside(3, true)))))
                .satisfies(scan -> {
                    assertThat(scan.verdict()).isEqualTo(Verdict.GONE_BEFORE);
                    assertThat(scan.said()).contains("handed to Plover Parcel on Tue, Dec 1");
                });
        assertThat(HandoverScan.of(PLOVER, labeled("PLOVER", 1, false, Optional.of(inside(3, false))))
                        .verdict())
                .isEqualTo(Verdict.IN_ANOTHER);
    }

    @Test
    void onlyWhatGoesIsTaken() {
        for (Verdict each : Verdict.values()) {
            assertThat(each.takes()).isEqualTo(each == Verdict.TAKEN);
        }
        assertThat(HandoverScan.ofVoid("PV1", "2417").verdict().takes()).isFalse();
        assertThat(HandoverScan.ofJob("2417").remedy()).isNotEmpty();
        assertThat(HandoverScan.unknown("x").remedy()).isNotEmpty();
    }
}
