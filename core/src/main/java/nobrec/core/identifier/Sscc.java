package nobrec.core.identifier;

import nobrec.core.refusal.Refusal;

/**
 * The number of one package that is on its way, which no other ever has (serial shipping container code): extension digit, company
 * prefix, serial number, check digit.
 *
 * <p>Source: GS1 General Specifications, section on SSCC (from memory).
 */
public record Sscc(String digits) {

    private static final int LENGTH = 18;
    private static final int BEFORE_SERIAL = 1;

    public Sscc {
        if (!digits.matches("[0-9]{" + LENGTH + "}")
                || CheckDigit.modulo10(digits.substring(0, LENGTH - 1)) != digits.charAt(LENGTH - 1) - '0') {
            throw new IllegalArgumentException("No SSCC: " + digits);
        }
    }

    /** @throws Refusal where the prefix leaves no room for that serial number */
    public static Sscc of(int extensionDigit, CompanyPrefix prefix, long serial) {
        return new Sscc(prefix.closed(LENGTH - 1, Integer.toString(extensionDigit), serial));
    }

    /** How many there are with one extension digit. */
    public static long serialsOf(CompanyPrefix prefix) {
        long serials = 1;
        for (int place = BEFORE_SERIAL + prefix.digits().length(); place < LENGTH - 1; place++) {
            serials *= 10;
        }
        return serials;
    }
}
