package nobrec.server.device;

import nobrec.core.measure.Size;

/** What a measuring frame said. */
public sealed interface FrameReading {

    record Measured(Size size) implements FrameReading {}

    /** No size to be taken, and why, in words. */
    record Refused(String reason, String remedy) implements FrameReading {}
}
