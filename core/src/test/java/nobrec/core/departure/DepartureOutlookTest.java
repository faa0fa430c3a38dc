package nobrec.core.departure;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.calendar.Pickup;
import nobrec.core.departure.DepartureOutlook.Verdict;
import nobrec.core.identifier.TrackingForm;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.rating.Carrier;
import nobrec.core.rating.Service;
import nobrec.core.rating.ServiceLimits;
import nobrec.core.rating.Zone;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DepartureOutlookTest {

    private static final Pickup PICKUP =
            new Pickup(LocalTime.of(16, 30), EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY));
    private static final Service TWO_DAYS = new Service(
            "GROUND",
            "Plover Ground",
            new Carrier("PLOVER", "Plover Parcel", false, TrackingForm.LETTERS_MODULO_10),
            true,
            new ServiceLimits(
                    Weight.of("150", WeightUnit.POUND),
                    Length.of("108", LengthUnit.INCH),
                    Length.of("165", LengthUnit.INCH),
                    Set.of()),
            List.of(2, 2, 2, 2, 2, 2, 2, 2));
    private static final Zone ZONE = new Zone(3, 200);

    /** Two working days on the way; Wednesday 25 November 2026 is before Thanksgiving. */
    @ParameterizedTest
    @CsvSource({
        "2026-12-01T13:00, 2026-12-03, MUST_LEAVE_TODAY, 2026-12-01",
        "2026-12-01T13:00, 2026-12-04, CAN_WAIT, 2026-12-02",
        "2026-12-01T13:00, 2026-12-02, WILL_MISS, 2026-11-30",
        "2026-12-01T16:30, 2026-12-03, WILL_MISS, 2026-12-01",
        "2026-12-01T16:30, 2026-12-04, CAN_WAIT, 2026-12-02",
        "2026-11-25T13:00, 2026-11-30, MUST_LEAVE_TODAY, 2026-11-25",
        "2026-11-25T13:00, 2026-11-27, WILL_MISS, 2026-11-24",
    })
    void outlook(LocalDateTime now, LocalDate promise, Verdict verdict, LocalDate leaveBy) {
        DepartureOutlook outlook = DepartureOutlook.of(Optional.of(promise), TWO_DAYS, ZONE, PICKUP, now);
        assertThat(outlook.verdict()).isEqualTo(verdict);
        assertThat(outlook.leaveBy()).contains(leaveBy);
        assertThat(outlook.reason()).contains("2 working days on the way");
    }

    @Test
    void nothingPromisedCanWait() {
        assertThat(DepartureOutlook.of(Optional.empty(), TWO_DAYS, ZONE, PICKUP, LocalDateTime.of(2026, 12, 1, 13, 0))
                        .verdict())
                .isEqualTo(Verdict.CAN_WAIT);
    }
}
