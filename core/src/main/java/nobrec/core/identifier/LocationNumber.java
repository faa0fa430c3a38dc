package nobrec.core.identifier;

/**
 * The number of a place or a company (GLN): 13 digits, the last of which checks the others.
 *
 * <p>Source: GS1 General Specifications, section on GLN (from memory).
 */
public final class LocationNumber {

    private static final int LENGTH = 13;

    private LocationNumber() {}

    public static boolean isOne(String text) {
        return text.matches("[0-9]{" + LENGTH + "}")
                && CheckDigit.modulo10(text.substring(0, LENGTH - 1)) == text.charAt(LENGTH - 1) - '0';
    }
}
