package nobrec.core.address;

import com.google.i18n.phonenumbers.NumberParseException;
import com.google.i18n.phonenumbers.PhoneNumberUtil;
import nobrec.core.notation.Reading;

/**
 * A telephone number.
 *
 * @param e164 plus sign, country code and number without spaces (ITU-T E.164)
 */
public record PhoneNumber(String e164) {

    private static final PhoneNumberUtil NUMBERS = PhoneNumberUtil.getInstance();
    private static final String REMEDY = "Write it like (212) 555-0134 or +1 212 555 0134.";

    /** As it is dialed in a country: {@code (212) 555-0134} at home, {@code +44 20 7946 0958} abroad. */
    public String shown(String country) {
        try {
            var number = NUMBERS.parse(e164, country);
            boolean atHome = NUMBERS.getCountryCodeForRegion(country) == number.getCountryCode();
            return NUMBERS.format(
                    number,
                    atHome
                            ? PhoneNumberUtil.PhoneNumberFormat.NATIONAL
                            : PhoneNumberUtil.PhoneNumberFormat.INTERNATIONAL);
        } catch (NumberParseException notANumber) {
            return e164;
        }
    }

    /** Reads a number as written in the given country (ISO 3166-1 alpha-2). */
    public static Reading<PhoneNumber> read(String text, String country) {
        if (text == null || text.isBlank()) {
            return Reading.refused("There is no phone number.", REMEDY);
        }
        try {
            var number = NUMBERS.parse(text, country);
            if (!NUMBERS.isPossibleNumber(number)) {
                return Reading.refused("“" + text.strip() + "” has too few or too many digits.", REMEDY);
            }
            return Reading.of(new PhoneNumber(NUMBERS.format(number, PhoneNumberUtil.PhoneNumberFormat.E164)));
        } catch (NumberParseException notANumber) {
            return Reading.refused("“" + text.strip() + "” does not read as a phone number.", REMEDY);
        }
    }
}
