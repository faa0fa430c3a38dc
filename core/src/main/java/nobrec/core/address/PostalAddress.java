package nobrec.core.address;

import java.util.List;
import java.util.stream.Stream;

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
        String city,
        String state,
        String postalCode,
        String country) {

    public PostalAddress {
        company = strip(company);
        person = strip(person);
        street = strip(street);
        street2 = strip(street2);
        city = strip(city);
        state = strip(state);
        postalCode = strip(postalCode);
        country = strip(country);
    }

    /** The same in another country. */
    public PostalAddress in(String other) {
        return new PostalAddress(company, person, street, street2, city, state, postalCode, other);
    }

    /** All eight, in the order in which they are declared. */
    public List<String> parts() {
        return List.of(company, person, street, street2, city, state, postalCode, country);
    }

    /** As it is read in one go: who, where, and the country; nothing for what is not there. */
    public List<String> lines() {
        return Stream.of(company, person, street, street2, cityLine(), country)
                .filter(line -> !line.isEmpty())
                .toList();
    }

    /** The name a driver looks for: the company, or the person where there is none. */
    public String name() {
        return company.isEmpty() ? person : company;
    }

    /** City, state and postal code as one line, in the order of the destination country. */
    public String cityLine() {
        return city + (state.isEmpty() ? "" : ", " + state) + (postalCode.isEmpty() ? "" : " " + postalCode);
    }

    /** The five digits of a US postal code without its extension; the code as it is where it is none. */
    public String fiveDigitCode() {
        return UnitedStates.readPostalCode(postalCode)
                .map(code -> code.substring(0, 5))
                .orElse(postalCode);
    }

    /**
     * The same in the spelling that is compared and printed: state by its two letters, postal code in its one form, territories
     * as states of the United States. What is not known stays as it is.
     */
    public PostalAddress inStandardSpelling() {
        boolean territory = UnitedStates.TERRITORIES.contains(country);
        String home = territory ? UnitedStates.CODE : country;
        if (!UnitedStates.CODE.equals(home)) {
            return abroadInStandardSpelling();
        }
        String known = UnitedStates.readState(state).orElse(state);
        return new PostalAddress(
                company,
                person,
                street,
                street2,
                city,
                territory && known.isEmpty() ? country : known,
                UnitedStates.readPostalCode(postalCode).orElse(postalCode),
                home);
    }

    private PostalAddress abroadInStandardSpelling() {
        return new PostalAddress(
                company,
                person,
                street,
                street2,
                city,
                Provinces.letters(country, state).orElse(state),
                PostalForm.of(country)
                        .flatMap(form -> form.standard(postalCode))
                        .orElse(postalCode),
                country);
    }

    private static String strip(String text) {
        return text == null ? "" : text.strip();
    }
}
