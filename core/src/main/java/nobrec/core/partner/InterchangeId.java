package nobrec.core.partner;

import nobrec.core.refusal.Refusal;

/**
 * Who sends or receives an X12 interchange.
 *
 * @param qualifier two letters or digits that say what kind of number it is
 * @param id at most 15 letters and digits; empty text where nobody has said it yet
 */
public record InterchangeId(String qualifier, String id) {

    public static final InterchangeId NONE = new InterchangeId("ZZ", "");

    /** Mutually defined. */
    private static final String QUALIFIER = "[A-Z0-9]{2}";

    private static final String ID = "[A-Z0-9]([A-Z0-9 .-]{0,13}[A-Z0-9])?";

    /** @throws Refusal where it cannot stand in an interchange */
    public static InterchangeId read(String whose, String qualifier, String id) {
        if (id.isEmpty() && qualifier.isEmpty()) {
            return NONE;
        }
        if (!qualifier.matches(QUALIFIER)) {
            throw Refusal.unusable(
                    "The qualifier of " + whose,
                    "“" + qualifier + "” is not two capital letters or digits.",
                    "Write it like ZZ or 01.");
        }
        if (!id.isEmpty() && !id.matches(ID)) {
            throw Refusal.unusable(
                    "The interchange ID of " + whose,
                    "“" + id + "” is not 1 to 15 capital letters and digits.",
                    "Write it as both sides have agreed.");
        }
        return new InterchangeId(qualifier, id);
    }

    public boolean isKnown() {
        return !id.isEmpty();
    }
}
