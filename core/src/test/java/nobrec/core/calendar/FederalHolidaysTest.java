package nobrec.core.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import de.focus_shift.jollyday.core.Holiday;
import de.focus_shift.jollyday.core.HolidayCalendar;
import de.focus_shift.jollyday.core.HolidayManager;
import de.focus_shift.jollyday.core.ManagerParameters;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.Year;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Against a reference library, Jollyday, whose set for the United States lacks Columbus Day. */
class FederalHolidaysTest {

    private static final HolidayManager REFERENCE =
            HolidayManager.getInstance(ManagerParameters.create(HolidayCalendar.UNITED_STATES));

    @ParameterizedTest
    @ValueSource(ints = {2024, 2025, 2026, 2027, 2028, 2029, 2030})
    void theReferenceKnowsTheSameDays(int year) {
        Set<LocalDate> reference = REFERENCE.getHolidays(Year.of(year)).stream()
                .map(Holiday::getDate)
                .filter(day -> day.getYear() == year)
                .collect(Collectors.toSet());
        Set<LocalDate> ours = new FederalHolidays()
                .observedIn(year).stream()
                        .filter(day -> !isColumbusDay(day))
                        // Where the first of January is a Saturday, 5 U.S.C. 6103 observes it on the last day of the
                        // old year.
                        .filter(day -> day.getMonth() != Month.DECEMBER || day.getDayOfMonth() != 31)
                        .collect(Collectors.toSet());
        assertThat(reference).containsAll(ours);
    }

    @Test
    void noHolidayIsOnAWeekendAndEveryYearHasItsEleven() {
        for (int year = 2020; year < 2060; year++) {
            Set<LocalDate> days = new FederalHolidays().observedIn(year);
            assertThat(days)
                    .hasSizeBetween(10, 12)
                    .allMatch(
                            day -> day.getDayOfWeek() != DayOfWeek.SATURDAY && day.getDayOfWeek() != DayOfWeek.SUNDAY);
        }
    }

    private static boolean isColumbusDay(LocalDate day) {
        return day.getMonth() == Month.OCTOBER;
    }
}
