package nobrec.core.notation;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Days and times as a US shop's office writes them. */
public final class DayWords {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE, MMM d", Locale.US);
    private static final DateTimeFormatter WITH_YEAR = DateTimeFormatter.ofPattern("MMM d, uuuu", Locale.US);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("h:mm a", Locale.US);

    private DayWords() {}

    /** {@code Tue, Dec 1}. */
    public static String day(LocalDate day) {
        return DAY.format(day);
    }

    /** {@code Dec 1, 2026}. */
    public static String withYear(LocalDate day) {
        return WITH_YEAR.format(day);
    }

    /** {@code 4:30 PM}. */
    public static String time(LocalTime time) {
        return TIME.format(time);
    }
}
