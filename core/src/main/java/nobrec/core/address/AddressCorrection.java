package nobrec.core.address;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nobrec.core.address.AddressCheck.KnownPostalCode;
import nobrec.core.notation.Misspelling;

/**
 * What an address was probably meant to be, where its postal code, city and state do not agree: proposed, never done by itself.
 *
 * @param proposed the whole address
 * @param reason which two of the three agree
 */
public record AddressCorrection(PostalAddress proposed, String reason) {

    private static final int DIGITS = 5;
    private static final int LETTERS_A_FAULT = 4;

    /** Empty where all agrees, or nothing can be told. */
    public static Optional<AddressCorrection> of(PostalAddress address, PostalIndex codes) {
        if (!UnitedStates.CODE.equals(address.country())
                || UnitedStates.militaryState(address.postalCode()).isPresent()) {
            return Optional.empty();
        }
        String state = UnitedStates.readState(address.state()).orElse("");
        return zerosInFront(address, state, codes)
                .or(() -> codes.find(address.fiveDigitCode()).flatMap(known -> byCode(address, state, known, codes)))
                .or(() -> codeOfCity(address, state, codes));
    }

    /** A spreadsheet drops zeros in front. */
    private static Optional<AddressCorrection> zerosInFront(PostalAddress address, String state, PostalIndex codes) {
        if (!address.postalCode().matches("[0-9]{3,4}")) {
            return Optional.empty();
        }
        String whole = "0".repeat(DIGITS - address.postalCode().length()) + address.postalCode();
        return codes.find(whole)
                .filter(known -> known.state().equals(state) && CityName.same(known.city(), address.city()))
                .map(known -> new AddressCorrection(
                        with(address, address.city(), state, whole), "The zeros in front are missing."));
    }

    /** The code exists: city or state was written wrong, or one digit of the code. */
    private static Optional<AddressCorrection> byCode(
            PostalAddress address, String state, KnownPostalCode known, PostalIndex codes) {
        boolean sameCity = CityName.same(known.city(), address.city());
        boolean sameState = known.state().equals(state);
        if (sameCity && sameState) {
            return Optional.empty();
        }
        Optional<AddressCorrection> digit = nearCode(address, state, codes);
        if (digit.isPresent()) {
            return digit;
        }
        if (sameCity) {
            return Optional.of(new AddressCorrection(
                    with(address, address.city(), known.state(), address.postalCode()),
                    known.code() + " and " + known.city() + " are in " + known.state() + "."));
        }
        return alike(known.city(), address.city())
                ? Optional.of(new AddressCorrection(
                        with(address, known.city(), known.state(), address.postalCode()),
                        known.code() + " is " + known.city() + ", " + known.state() + "."))
                : Optional.empty();
    }

    /** The code does not exist, or is of somewhere else: the one code of the city. */
    private static Optional<AddressCorrection> codeOfCity(PostalAddress address, String state, PostalIndex codes) {
        if (codes.find(address.fiveDigitCode()).isPresent()) {
            return Optional.empty();
        }
        List<KnownPostalCode> ofCity = codes.of(address.city(), state);
        return nearCode(address, state, codes)
                .or(() -> ofCity.size() == 1 ? Optional.of(codeOf(address, state, ofCity.get(0))) : Optional.empty());
    }

    /** The one code of the city that differs in one digit, or in two that changed places. */
    private static Optional<AddressCorrection> nearCode(PostalAddress address, String state, PostalIndex codes) {
        List<KnownPostalCode> near = new ArrayList<>();
        for (KnownPostalCode each : codes.of(address.city(), state)) {
            if (each.code().equals(address.fiveDigitCode())) {
                return Optional.empty();
            }
            if (isOneDigitOff(each.code(), address.fiveDigitCode())) {
                near.add(each);
            }
        }
        return near.size() == 1 ? Optional.of(codeOf(address, state, near.get(0))) : Optional.empty();
    }

    private static AddressCorrection codeOf(PostalAddress address, String state, KnownPostalCode known) {
        return new AddressCorrection(
                with(address, address.city(), state, known.code()),
                known.city() + ", " + known.state() + " has " + known.code() + ".");
    }

    private static PostalAddress with(PostalAddress address, String city, String state, String code) {
        return new PostalAddress(
                address.company(),
                address.person(),
                address.street(),
                address.street2(),
                city,
                state,
                code,
                address.country());
    }

    static boolean isOneDigitOff(String one, String other) {
        return one.length() == other.length() && Misspelling.faults(one, other) == 1;
    }

    /** Whether a city's name may be meant by what is written: one fault in four letters. */
    private static boolean alike(String city, String written) {
        String plain = CityName.plain(city);
        int most = Math.max(1, plain.length() / LETTERS_A_FAULT);
        return Misspelling.faults(plain, CityName.plain(written)) <= most;
    }
}
