package nobrec.standins.scale;

import java.util.function.LongSupplier;

/**
 * A bench scale of 150 lb with steps of a hundredth of a pound. A weight put on it moves for a moment before it is
 * stable.
 */
public final class Scale {

    /** What somebody wants the scale to do. */
    public enum Mood {
        SETTLES("settles after 0.6 seconds"),
        KEEPS_MOVING("never settles"),
        OVERLOADED("shows overload"),
        SILENT("sends nothing");

        private final String words;

        Mood(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Status codes of a scale report. Source: USB-IF HID Point of Sale usage tables (from memory). */
    public enum Status {
        STABLE_AT_ZERO(2),
        IN_MOTION(3),
        STABLE(4),
        OVER_LIMIT(6);

        private final int code;

        Status(int code) {
            this.code = code;
        }

        int code() {
            return code;
        }
    }

    /** @param hundredths of a pound */
    public record Report(Status status, int hundredths) {}

    private static final double GRAMS_PER_HUNDREDTH = 4.5359237;
    private static final int CAPACITY_HUNDREDTHS = 15_000;
    private static final long SETTLING_NANOS = 600_000_000L;
    private static final int SWING = 17;

    private final LongSupplier nanoTime;
    private Mood mood = Mood.SETTLES;
    private int load;
    private long changedAt;

    public Scale(LongSupplier nanoTime) {
        this.nanoTime = nanoTime;
        this.changedAt = nanoTime.getAsLong() - SETTLING_NANOS;
    }

    public synchronized void put(double grams) {
        load = (int) Math.min(Math.round(grams / GRAMS_PER_HUNDREDTH), 65_535);
        changedAt = nanoTime.getAsLong();
    }

    public synchronized void setMood(Mood chosen) {
        mood = chosen;
    }

    public synchronized Mood mood() {
        return mood;
    }

    public synchronized Report report() {
        if (mood == Mood.OVERLOADED || load > CAPACITY_HUNDREDTHS) {
            return new Report(Status.OVER_LIMIT, 0);
        }
        long since = nanoTime.getAsLong() - changedAt;
        if (mood == Mood.KEEPS_MOVING || since < SETTLING_NANOS) {
            int swing = since / 100_000_000L % 2 == 0 ? SWING : -SWING;
            return new Report(Status.IN_MOTION, Math.max(0, load + swing));
        }
        return new Report(load == 0 ? Status.STABLE_AT_ZERO : Status.STABLE, load);
    }
}
