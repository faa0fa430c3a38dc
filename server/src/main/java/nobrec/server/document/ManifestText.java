package nobrec.server.document;

import java.util.List;

/**
 * What stands on the manifest of a handover, as it is printed.
 *
 * @param supplement what number of supplement it is; empty text for the first handover of a day
 * @param cutOff empty text where the carrier has no pickup here
 * @param droppedOff whether we bring it to the carrier's counter
 * @param driver who takes it, or brings it; empty text where nobody said
 */
public record ManifestText(
        String carrier,
        List<String> from,
        String phone,
        String day,
        String cutOff,
        String supplement,
        String closed,
        boolean droppedOff,
        String driver,
        List<Total> totals,
        int packages,
        String weight,
        List<Line> lines) {

    /** Packages of one service, and what they weigh. */
    public record Total(String service, int packages, String weight) {}

    public record Line(int number, String trackingNumber, String job, String service, String shipTo, String weight) {}
}
