package nobrec.standins.carrier;

/** How a carrier writes its tracking numbers; the carrier's own sums, shared with nobody. */
@FunctionalInterface
public interface TrackingNumbers {

    String number(int running);

    /** Two letters, eleven digits, and the digit that brings the 3-1-weighted sum to a multiple of ten. */
    static String modulo10(String letters, int running) {
        String digits = "9" + String.format("%010d", running);
        int sum = 0;
        for (int index = 0; index < digits.length(); index++) {
            sum += (digits.charAt(index) - '0') * (index % 2 == 0 ? 3 : 1);
        }
        return letters + digits + (10 - sum % 10) % 10;
    }

    /** Letters, eight digits, check digit, country, as post offices write them (UPU S10). */
    static String postalItem(String letters, int running, String country) {
        int[] weights = {8, 6, 4, 2, 3, 5, 9, 7};
        String digits = String.format("%08d", running);
        int sum = 0;
        for (int index = 0; index < weights.length; index++) {
            sum += (digits.charAt(index) - '0') * weights[index];
        }
        int rest = 11 - sum % 11;
        int check = rest == 10 ? 0 : rest == 11 ? 5 : rest;
        return letters + digits + check + country;
    }
}
