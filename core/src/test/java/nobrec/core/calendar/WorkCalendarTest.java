package nobrec.core.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WorkCalendarTest {

    private static final WorkCalendar CALENDAR = WorkCalendar.of("US", Set.of());

    private static final Pickup WEEKDAYS_AT_FOUR =
            new Pickup(LocalTime.of(16, 0), EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY), CALENDAR);

    /** Source: 5 U.S.C. 6103; the observed days of 2026 and the Saturday New Year of 2028 by its rule. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "2026-01-01",
                "2026-01-19",
                "2026-02-16",
                "2026-05-25",
                "2026-06-19",
                "2026-07-03",
                "2026-09-07",
                "2026-10-12",
                "2026-11-11",
                "2026-11-26",
                "2026-12-25",
                "2027-12-31"
            })
    void publicHolidaysAreNoWorkingDays(LocalDate day) {
        assertThat(CALENDAR.isWorkingDay(day)).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "2026-11-25, 1, 2026-11-27",
        "2026-11-25, 2, 2026-11-30",
        "2026-12-01, 1, 2026-12-02",
        "2026-12-04, 1, 2026-12-07",
        "2026-12-24, 1, 2026-12-28",
    })
    void skipsWeekendsAndHolidays(LocalDate from, int days, LocalDate there) {
        assertThat(CALENDAR.after(from, days)).isEqualTo(there);
    }

    @Test
    void beforeUndoesAfterForAnyWorkingDay() {
        Random random = new Random(7);
        for (int round = 0; round < 1_000; round++) {
            LocalDate day = CALENDAR.openOrNext(LocalDate.of(2026, 1, 1).plusDays(random.nextInt(1_500)));
            int days = random.nextInt(12);
            LocalDate there = CALENDAR.after(day, days);
            assertThat(CALENDAR.before(there, days)).isEqualTo(day);
            assertThat(CALENDAR.between(day, there)).isEqualTo(days);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "2026-12-01T15:59:59, 2026-12-01",
        "2026-12-01T16:00:00, 2026-12-02",
        "2026-11-25T17:00:00, 2026-11-27",
        "2026-12-05T09:00:00, 2026-12-07",
    })
    void whatIsReadyAtTheCutOffHasMissedIt(LocalDateTime ready, LocalDate leaves) {
        assertThat(WEEKDAYS_AT_FOUR.departureFor(ready)).isEqualTo(leaves);
    }

    @Test
    void readyLaterNeverLeavesEarlier() {
        Random random = new Random(8);
        for (int round = 0; round < 1_000; round++) {
            LocalDateTime early = LocalDateTime.of(2026, 11, 1, 0, 0).plusMinutes(random.nextInt(100_000));
            LocalDateTime late = early.plusMinutes(random.nextInt(5_000));
            assertThat(WEEKDAYS_AT_FOUR.departureFor(late)).isAfterOrEqualTo(WEEKDAYS_AT_FOUR.departureFor(early));
        }
    }

    /** Common practice, no source: carriers work while we are closed. */
    @Test
    void onOurOwnClosingDaysNothingLeavesAndWhatIsOnItsWayGoesOn() {
        WorkCalendar closed = WorkCalendar.of("US", Set.of(LocalDate.of(2026, 12, 2)));
        Pickup pickup = new Pickup(LocalTime.of(16, 0), WEEKDAYS_AT_FOUR.days(), closed);
        assertThat(pickup.departureFor(LocalDateTime.of(2026, 12, 1, 17, 0))).isEqualTo(LocalDate.of(2026, 12, 3));
        assertThat(closed.isOpen(LocalDate.of(2026, 12, 2))).isFalse();
        assertThat(closed.after(LocalDate.of(2026, 12, 1), 1)).isEqualTo(LocalDate.of(2026, 12, 2));
    }

    @Test
    void aCountryWhoseHolidaysAreNotKnownIsRefused() {
        assertThatThrownBy(() -> WorkCalendar.of("XK", Set.of())).hasMessageContaining("XK are not known");
    }
}
