package nobrec.core.departure;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nobrec.core.calendar.Pickup;
import nobrec.core.calendar.WorkCalendar;
import nobrec.core.carton.CartonKind;
import nobrec.core.departure.DepartureOutlook.Verdict;
import nobrec.core.rating.DemoRates;
import nobrec.core.service.Destination;
import nobrec.core.service.Service;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DepartureOutlookTest {

    private static final Pickup PICKUP = new Pickup(
            LocalTime.of(16, 30), EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY), WorkCalendar.of("US", Set.of()));
    private static final Service TWO_DAYS = services("GROUND", "Plover Ground", 2);
    private static final Destination ZONE = DemoRates.zone(3);

    private static Service services(String code, String name, int days) {
        Service any = DemoRates.service(CartonKind.CARTON);
        return new Service(
                code,
                name,
                any.carrier(),
                true,
                any.limits(),
                new Service.Transit(Collections.nCopies(8, days), Map.of()),
                any.takes(),
                Set.of(),
                Set.of(),
                List.of());
    }

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
