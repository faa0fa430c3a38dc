package nobrec.core.partner;

import java.util.Optional;
import nobrec.core.identifier.CompanyPrefix;
import nobrec.core.identifier.LocationNumber;
import nobrec.core.refusal.Refusal;

/**
 * The numbers by which partners know the shop.
 *
 * @param companyPrefix empty while nobody has written it
 * @param extensionDigit with which our package numbers begin
 * @param locationNumber of the shop; empty text for none
 */
public record ShopNumbers(
        Optional<CompanyPrefix> companyPrefix, int extensionDigit, String locationNumber, InterchangeId interchange) {

    public static final ShopNumbers NONE = new ShopNumbers(Optional.empty(), 0, "", InterchangeId.NONE);

    private static final int LAST_DIGIT = 9;

    /** @throws Refusal where one of them is none */
    public ShopNumbers {
        if (extensionDigit < 0 || extensionDigit > LAST_DIGIT) {
            throw Refusal.unusable("The extension digit", "It is not one digit.", "Write 0 to 9.");
        }
        requireLocation("Our location number", locationNumber);
    }

    static void requireLocation(String thing, String number) {
        if (!number.isEmpty() && !LocationNumber.isOne(number)) {
            throw Refusal.unusable(
                    thing,
                    "“" + number + "” does not have 13 digits of which the last one checks the others.",
                    "Copy it again, or leave it empty.");
        }
    }
}
