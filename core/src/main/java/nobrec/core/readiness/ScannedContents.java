package nobrec.core.readiness;

import java.util.List;

/**
 * How far the contents of a shipment were checked by scan.
 *
 * @param pieces that were scanned
 * @param missing what was not, in words
 */
public record ScannedContents(int pieces, List<String> missing) {

    public static final ScannedContents NONE = new ScannedContents(0, List.of());

    private static final int NAMED = 3;

    public ScannedContents {
        missing = List.copyOf(missing);
    }

    boolean isComplete(int all) {
        return pieces > 0 && pieces == all;
    }

    String words(int all) {
        String named = String.join(", ", missing.subList(0, Math.min(NAMED, missing.size())));
        return "Scanned: " + pieces + " of " + all + (all == 1 ? " piece" : " pieces")
                + (missing.isEmpty() || pieces == 0
                        ? "."
                        : "; missing: " + named + (missing.size() > NAMED ? ", ..." : "") + ".");
    }
}
