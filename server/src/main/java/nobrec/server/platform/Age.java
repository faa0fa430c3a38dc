package nobrec.server.platform;

import java.time.Duration;

/** How long something has been waiting, as people say it. */
public final class Age {

    private static final int SECONDS = 60;
    private static final int MINUTES = 60;
    private static final int HOURS = 48;

    private Age() {}

    /** {@code 40 s}, {@code 12 min}, {@code 3 h}, {@code 2 days}. */
    public static String words(Duration age) {
        if (age.toSeconds() < SECONDS) {
            return Math.max(0, age.toSeconds()) + " s";
        }
        if (age.toMinutes() < MINUTES) {
            return age.toMinutes() + " min";
        }
        return age.toHours() < HOURS ? age.toHours() + " h" : age.toDays() + " days";
    }
}
