package nobrec.core.handover;

import java.time.LocalDate;
import java.util.Optional;
import nobrec.core.notation.DayWords;

/**
 * What a scan at a handover means: the package goes, or does not, with the reason and what to do.
 *
 * @param said what it is, with its reason
 * @param remedy what to do; empty text where nothing has to be done
 */
public record HandoverScan(Verdict verdict, String said, String remedy) {

    /** How a scan ends. */
    public enum Verdict {
        /** It goes. */
        TAKEN,
        /** It is in this handover already; nothing changes. */
        ALREADY_IN,
        OTHER_CARRIER,
        OTHER_SITE,
        /** It left with an earlier handover. */
        GONE_BEFORE,
        /** It stands in another handover that is open. */
        IN_ANOTHER,
        /** Its label does not count any more. */
        VOID,
        /** Its carrier is asked to void it, and has not answered. */
        BEING_VOIDED,
        UNKNOWN;

        public boolean takes() {
            return this == TAKEN;
        }
    }

    /** What the handover is for. */
    public record Wanted(long handover, String carrierCode, String carrierName, long siteId) {}

    /**
     * A package that has a label that counts.
     *
     * @param inside the handover it stands in
     */
    public record Labeled(
            String trackingNumber,
            String job,
            String carrierCode,
            String carrierName,
            long siteId,
            String siteCity,
            boolean beingVoided,
            Optional<Inside> inside) {}

    /** @param scannedBy who scanned it in, by name */
    public record Inside(long handover, String carrierName, LocalDate day, boolean closed, String scannedBy) {}

    /** A package with a label that counts. */
    public static HandoverScan of(Wanted wanted, Labeled found) {
        String name = "Package " + found.trackingNumber() + " of job " + found.job();
        if (found.inside().isPresent()) {
            return inside(wanted, found.inside().get(), name);
        }
        if (!found.carrierCode().equals(wanted.carrierCode())) {
            return new HandoverScan(
                    Verdict.OTHER_CARRIER,
                    name + " goes by " + found.carrierName() + ".",
                    "Do not give it to " + wanted.carrierName() + ".");
        }
        if (found.siteId() != wanted.siteId()) {
            return new HandoverScan(
                    Verdict.OTHER_SITE, name + " leaves from " + found.siteCity() + ".", "Bring it there.");
        }
        if (found.beingVoided()) {
            return new HandoverScan(
                    Verdict.BEING_VOIDED,
                    found.carrierName() + " is asked to void " + name + ", and has not answered.",
                    "Keep it here until it has.");
        }
        return new HandoverScan(Verdict.TAKEN, name + " goes.", "");
    }

    private static HandoverScan inside(Wanted wanted, Inside inside, String name) {
        if (inside.handover() == wanted.handover()) {
            return new HandoverScan(
                    Verdict.ALREADY_IN, name + " is in already: " + inside.scannedBy() + " scanned it.", "");
        }
        String where = inside.carrierName() + " on " + DayWords.day(inside.day());
        return inside.closed()
                ? new HandoverScan(
                        Verdict.GONE_BEFORE, name + " was handed to " + where + ".", "Find out why it is still here.")
                : new HandoverScan(
                        Verdict.IN_ANOTHER,
                        name + " stands in the open handover to " + where + ".",
                        "Close that one, or move its packages.");
    }

    /** A package whose label is void. */
    public static HandoverScan ofVoid(String trackingNumber, String job) {
        return new HandoverScan(
                Verdict.VOID,
                "Label " + trackingNumber + " of job " + job + " is void.",
                "Take it off, and put on the label that counts.");
    }

    /** A label under which goods come back. */
    public static HandoverScan ofReturn(String trackingNumber, String job) {
        return new HandoverScan(
                Verdict.UNKNOWN,
                "Label " + trackingNumber + " is for the way back of job " + job + ".",
                "It goes into the box, for the customer; scan the label that is on it.");
    }

    /** The number of a job, as its slip has it. */
    public static HandoverScan ofJob(String job) {
        return new HandoverScan(Verdict.UNKNOWN, "That is job " + job + ", not a package.", "Scan the label.");
    }

    /** Nothing here has that number. */
    public static HandoverScan unknown(String text) {
        return new HandoverScan(
                Verdict.UNKNOWN,
                "No package here has the number “" + text + "”.",
                "Scan the carrier's barcode, one at a time.");
    }
}
