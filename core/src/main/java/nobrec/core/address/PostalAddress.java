package nobrec.core.address;

/**
 * Where something goes to or comes from. Texts are stripped; a part that is not there is an empty text.
 *
 * @param country ISO 3166-1 alpha-2
 */
public record PostalAddress(
        String company,
        String person,
        String street,
        String street2,
        String town,
        String state,
        String postalCode,
        String country) {

    public PostalAddress {
        company = strip(company);
        person = strip(person);
        street = strip(street);
        street2 = strip(street2);
        town = strip(town);
        state = strip(state);
        postalCode = strip(postalCode);
        country = strip(country);
    }

    /** The name a driver looks for: the company, or the person where there is none. */
    public String name() {
        return company.isEmpty() ? person : company;
    }

    /** Town, state and postal code as one line, in the order of the destination country. */
    public String townLine() {
        return town + (state.isEmpty() ? "" : ", " + state) + (postalCode.isEmpty() ? "" : " " + postalCode);
    }

    /** The five digits of a US postal code without its extension. */
    public String fiveDigitCode() {
        return postalCode.length() > 5 ? postalCode.substring(0, 5) : postalCode;
    }

    private static String strip(String text) {
        return text == null ? "" : text.strip();
    }
}
