package nobrec.server.tracking;

import java.time.Duration;
import nobrec.core.tracking.AskingIntervals;

/** A row of table asking_intervals. */
record IntervalRow(
        String carrierCode, int version, int usualMinutes, int dueTodayMinutes, int quietMinutes, int quietDays) {

    static IntervalRow of(String carrierCode, AskingIntervals intervals) {
        return new IntervalRow(
                carrierCode,
                0,
                (int) intervals.usual().toMinutes(),
                (int) intervals.dueToday().toMinutes(),
                (int) intervals.quiet().toMinutes(),
                intervals.quietDays());
    }

    Intervals.Kept kept() {
        return new Intervals.Kept(
                carrierCode,
                version,
                new AskingIntervals(
                        Duration.ofMinutes(usualMinutes),
                        Duration.ofMinutes(dueTodayMinutes),
                        Duration.ofMinutes(quietMinutes),
                        quietDays));
    }
}
