package nobrec.core.identifier;

import java.util.regex.Pattern;

/** The form of a carrier's tracking numbers: what a number must look like and which check digit closes it. */
public enum TrackingForm {
    /** UPU S10: two letters, eight digits, check digit, two letters. */
    POSTAL_ITEM("[A-Z]{2}[0-9]{9}[A-Z]{2}") {
        @Override
        boolean digitAgrees(String number) {
            return CheckDigit.postalItem(number.substring(2, 10)) == number.charAt(10) - '0';
        }
    },
    /** Two letters, eleven digits and a modulo-10 check digit over the digits. */
    LETTERS_MODULO_10("[A-Z]{2}[0-9]{12}") {
        @Override
        boolean digitAgrees(String number) {
            return CheckDigit.modulo10(number.substring(2, 13)) == number.charAt(13) - '0';
        }
    };

    private final Pattern pattern;

    TrackingForm(String pattern) {
        this.pattern = Pattern.compile(pattern);
    }

    abstract boolean digitAgrees(String number);

    /** Whether the number has this form and its check digit agrees: a mistyped or cut-off number does not. */
    public boolean accepts(String number) {
        return pattern.matcher(number).matches() && digitAgrees(number);
    }
}
