package nobrec.core.identifier;

import nobrec.core.refusal.Refusal;

/**
 * The digits under which a company makes numbers of its own: four to twelve.
 *
 * <p>Source: GS1 General Specifications, section on GS1 company prefixes (from memory).
 */
public record CompanyPrefix(String digits) {

    private static final int SHORTEST = 4;
    private static final int LONGEST = 12;

    /** Digits of a shipment's number without the one that checks them. */
    private static final int SHIPMENT = 16;

    /** @throws Refusal where it is none */
    public CompanyPrefix {
        if (!digits.matches("[0-9]+") || digits.length() < SHORTEST || digits.length() > LONGEST) {
            throw Refusal.unusable(
                    "The company prefix",
                    "“" + digits + "” does not have 4 to 12 digits.",
                    "Write it as GS1 has given it out, without the check digit of a number made with it.");
        }
    }

    /** The number of a consignment, application identifier 401: the prefix and a reference of our own. */
    public String consignment(long reference) {
        return digits + reference;
    }

    /**
     * The number of a shipment, application identifier 402: 17 digits, the last of which checks the others.
     *
     * @throws Refusal where the reference needs more digits than the prefix leaves
     */
    public String shipment(long reference) {
        return closed(SHIPMENT, "", reference);
    }

    /** Whether it leaves room for the number of that shipment. */
    public boolean holdsShipment(long reference) {
        return Long.toString(reference).length() <= SHIPMENT - digits.length();
    }

    /** @param length without the check digit */
    String closed(int length, String first, long reference) {
        int room = length - first.length() - digits.length();
        String figures = Long.toString(reference);
        if (figures.length() > room) {
            throw Refusal.unusable(
                    "The company prefix " + digits,
                    "It leaves " + room + " digits, and " + figures + " needs more.",
                    "Ask GS1 for another prefix, and write it under Partners.");
        }
        String number = first + digits + "0".repeat(room - figures.length()) + figures;
        return number + CheckDigit.modulo10(number);
    }
}
