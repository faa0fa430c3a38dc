package nobrec.core.tracking;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;

/**
 * How shipments of one service to one area came in.
 *
 * @param area in words
 * @param onTime on the promised day, or before
 * @param aDayLate one day after it
 * @param later after that, or never
 */
public record OnTimeRecord(String area, int onTime, int aDayLate, int later) {

    /** Fewer say too little. */
    static final int ENOUGH = 20;

    private static final int WHOLE = 100;
    private static final int MUCH_LATER = 2;

    /**
     * One shipment.
     *
     * @param arrived when all of it was there; empty where that will never be
     */
    public static OnTimeRecord of(String area, LocalDate promise, Optional<LocalDate> arrived) {
        int late = arrived.map(day -> daysLate(promise, day)).orElse(Integer.MAX_VALUE);
        return new OnTimeRecord(area, late == 0 ? 1 : 0, late == 1 ? 1 : 0, late > 1 ? 1 : 0);
    }

    /** Calendar days after the promised one; zero in time. */
    public static int daysLate(LocalDate promise, LocalDate day) {
        return (int) Math.max(0, ChronoUnit.DAYS.between(promise, day));
    }

    public int shipments() {
        return onTime + aDayLate + later;
    }

    /** The nearest area of which enough is known. */
    public static Optional<OnTimeRecord> nearest(List<OnTimeRecord> fromNearToWide) {
        return fromNearToWide.stream()
                .filter(each -> each.shipments() >= ENOUGH)
                .findFirst();
    }

    /** In hundredths, cut off: it never says more than was kept. */
    public int percent() {
        return onTime * WHOLE / shipments();
    }

    /** Days after the promised one by which half of them were there. */
    int usualDelay() {
        int half = (shipments() + 1) / 2;
        return onTime >= half ? 0 : onTime + aDayLate >= half ? 1 : MUCH_LATER;
    }

    public String words() {
        return "on time " + percent() + " % to " + area + ", " + shipments() + " shipments";
    }
}
