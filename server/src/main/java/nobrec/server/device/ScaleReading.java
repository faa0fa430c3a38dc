package nobrec.server.device;

import nobrec.core.measure.Weight;

/** What a scale said. */
public sealed interface ScaleReading {

    record Stable(Weight weight) implements ScaleReading {}

    /** No weight to be taken, and why, in words. */
    record Refused(String reason, String remedy) implements ScaleReading {}
}
