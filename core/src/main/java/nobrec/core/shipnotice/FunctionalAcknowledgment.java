package nobrec.core.shipnotice;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import nobrec.core.refusal.Refusal;

/**
 * Reads an X12 997: what a partner says of the groups it was sent.
 *
 * <p>Source: ASC X12, transaction set 997 Functional Acknowledgment, elements 715, 717 and 720 (from memory).
 */
public final class FunctionalAcknowledgment {

    private static final String SHIP_NOTICES = "SH";

    private static final Map<String, String> VERDICTS = Map.of(
            "A", "accepted",
            "E", "accepted, but with errors",
            "P", "accepted in part",
            "R", "refused",
            "M", "refused: the authentication code failed",
            "W", "refused: the assurance failed",
            "X", "refused: it could not be decrypted");

    private static final Map<String, String> FAULTS = Map.of(
            "1", "segment not known",
            "2", "segment not expected there",
            "3", "segment is missing",
            "4", "segment comes too often",
            "5", "segment is not of this set",
            "6", "segment is not defined there",
            "7", "segments are out of order",
            "8", "an element is wrong");

    private FunctionalAcknowledgment() {}

    /** @throws Refusal where it is no whole interchange with such an acknowledgment */
    public static List<NoticeVerdict> read(String text) {
        List<NoticeVerdict> verdicts = new ArrayList<>();
        String group = "";
        List<String> faults = new ArrayList<>();
        for (List<String> each : X12Interchange.read(text).segments()) {
            switch (each.get(0)) {
                case "AK1" -> {
                    group = X12Interchange.element(each, 1).equals(SHIP_NOTICES) ? X12Interchange.element(each, 2) : "";
                    faults.clear();
                }
                case "AK3" -> faults.add(fault(each));
                case "AK4" ->
                    faults.add("element " + X12Interchange.element(each, 1) + " “" + X12Interchange.element(each, 4)
                            + "”");
                case "AK9" -> {
                    if (!group.isEmpty()) {
                        verdicts.add(verdict(group, X12Interchange.element(each, 1), faults));
                    }
                }
                default -> {
                    // Envelopes, and what is said of each set: the group's verdict sums it up.
                }
            }
        }
        if (verdicts.isEmpty()) {
            throw X12Interchange.broken("It says nothing of a group of ship notices.");
        }
        return List.copyOf(verdicts);
    }

    private static String fault(List<String> segment) {
        String code = X12Interchange.element(segment, 4);
        return X12Interchange.element(segment, 1) + " at " + X12Interchange.element(segment, 2) + ": "
                + FAULTS.getOrDefault(code, "code " + code);
    }

    private static NoticeVerdict verdict(String group, String code, List<String> faults) {
        String words = VERDICTS.get(code);
        if (words == null) {
            throw X12Interchange.broken("AK901 says “" + code + "”, which is no verdict.");
        }
        String said = "997: " + words + (faults.isEmpty() ? "" : " (" + String.join("; ", faults) + ")");
        return new NoticeVerdict(group, "AEP".contains(code), said);
    }
}
