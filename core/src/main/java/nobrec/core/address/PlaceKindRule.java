package nobrec.core.address;

import java.util.regex.Pattern;

/**
 * Tells the kind of a place from its address when nobody has said it. Common practice, no source: a post office box is known by its
 * street line, military mail by its postal code, limited access by words of the name, a residence by the missing company or the
 * apartment. A remote area is none of this: only the shop says it.
 */
public final class PlaceKindRule {

    /**
     * @param why in a few words
     */
    public record Told(PlaceKind kind, String why) {}

    private static final Pattern PO_BOX = Pattern.compile(
            "\\b(p\\.?\\s*o\\.?\\s*(box|bx|drawer)|post\\s+office\\s+box|general\\s+delivery)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern GUARDED = Pattern.compile(
            "\\b(elementary|high school|middle school|academy|university|college|correctional|prison|jail|penitentiary|"
                    + "military base|air force base|naval station|mine|quarry|construction site|job ?site|fairgrounds|"
                    + "church|self storage|mini storage|marina|cemetery)\\b",
            Pattern.CASE_INSENSITIVE);

    private PlaceKindRule() {}

    public static PlaceKind kindOf(PostalAddress address) {
        return tell(address).kind();
    }

    /** The kind, and what tells it. */
    public static Told tell(PostalAddress address) {
        if (isMilitary(address)) {
            return new Told(PlaceKind.MILITARY, "its postal code");
        }
        if (isBox(address)) {
            return new Told(PlaceKind.PO_BOX, "its street line");
        }
        if (GUARDED.matcher(address.company()).find()) {
            return new Told(PlaceKind.LIMITED_ACCESS, "a word of its name");
        }
        return address.company().isEmpty()
                ? new Told(PlaceKind.RESIDENCE, "no company")
                : new Told(PlaceKind.BUSINESS, "its company");
    }

    private static boolean isMilitary(PostalAddress address) {
        return UnitedStates.CODE.equals(address.country())
                && UnitedStates.militaryState(address.postalCode()).isPresent();
    }

    private static boolean isBox(PostalAddress address) {
        return PO_BOX.matcher(address.street()).find()
                || PO_BOX.matcher(address.street2()).find();
    }

    /** Whether only the post goes there, by other lines than streets and numbers. */
    static boolean isByPost(PostalAddress address) {
        return isMilitary(address) || isBox(address);
    }
}
