package nobrec.core.identifier;

/** The check digits of the numbers that travel on packages. */
public final class CheckDigit {

    private static final int[] POSTAL_WEIGHTS = {8, 6, 4, 2, 3, 5, 9, 7};

    private CheckDigit() {}

    /**
     * The modulo-10 check digit of GS1 numbers (SSCC, GSIN, GTIN): weights 3, 1, 3, ... from the right.
     *
     * <p>Source: GS1 General Specifications, section on check digits (from memory).
     *
     * @param digits the number without its check digit
     */
    public static int modulo10(String digits) {
        requireDigits(digits);
        int sum = 0;
        for (int place = 0; place < digits.length(); place++) {
            int digit = digits.charAt(digits.length() - 1 - place) - '0';
            sum += place % 2 == 0 ? digit * 3 : digit;
        }
        return (10 - sum % 10) % 10;
    }

    /**
     * The check digit of a postal item number.
     *
     * <p>Source: UPU standard S10 (from memory): weights 8 6 4 2 3 5 9 7, 11 minus the sum modulo 11, where 10 gives 0
     * and 11 gives 5.
     *
     * @param digits the eight digits between the letters
     */
    public static int postalItem(String digits) {
        requireDigits(digits);
        if (digits.length() != POSTAL_WEIGHTS.length) {
            throw new IllegalArgumentException("A postal item number has eight digits, not " + digits.length());
        }
        int sum = 0;
        for (int place = 0; place < POSTAL_WEIGHTS.length; place++) {
            sum += (digits.charAt(place) - '0') * POSTAL_WEIGHTS[place];
        }
        int digit = 11 - sum % 11;
        return digit == 10 ? 0 : digit == 11 ? 5 : digit;
    }

    private static void requireDigits(String digits) {
        if (!digits.matches("[0-9]+")) {
            throw new IllegalArgumentException("Not all digits: " + digits);
        }
    }
}
