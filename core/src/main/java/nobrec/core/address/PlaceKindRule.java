package nobrec.core.address;

import java.util.regex.Pattern;

/**
 * Tells the kind of a place from its address when the record does not say it. Common practice, no source: a post office
 * box is known by its street line, a residence by the missing company.
 */
public final class PlaceKindRule {

    private static final Pattern PO_BOX =
            Pattern.compile("\\b(p\\.?\\s*o\\.?\\s*box|post\\s+office\\s+box)\\b", Pattern.CASE_INSENSITIVE);

    private PlaceKindRule() {}

    public static PlaceKind kindOf(PostalAddress address) {
        if (PO_BOX.matcher(address.street()).find()
                || PO_BOX.matcher(address.street2()).find()) {
            return PlaceKind.PO_BOX;
        }
        return address.company().isEmpty() ? PlaceKind.RESIDENCE : PlaceKind.BUSINESS;
    }
}
