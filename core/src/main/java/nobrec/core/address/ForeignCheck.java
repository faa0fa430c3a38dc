package nobrec.core.address;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nobrec.core.address.AddressCheck.Finding;

/** What is wrong with an address outside the United States, by the form that its country demands. */
final class ForeignCheck {

    private ForeignCheck() {}

    static List<Finding> of(PostalAddress address) {
        List<Finding> findings = new ArrayList<>();
        String country = Countries.nameOf(address.country());
        if (address.country().isEmpty()) {
            findings.add(Finding.stop(AddressPart.COUNTRY, "The ship-to has no country.", "Add it."));
            return findings;
        }
        if (address.city().isEmpty()) {
            findings.add(Finding.stop(AddressPart.CITY, "The ship-to has no city.", "Add it."));
        }
        PostalForm.of(address.country()).ifPresent(form -> {
            state(address, form, country).ifPresent(findings::add);
            code(address, form, country).ifPresent(findings::add);
        });
        return findings;
    }

    private static Optional<Finding> state(PostalAddress address, PostalForm form, String country) {
        if (!form.state()) {
            return Optional.empty();
        }
        if (address.state().isEmpty()) {
            return Optional.of(Finding.stop(
                    AddressPart.STATE, "An address in " + country + " needs its state or province.", "Add it."));
        }
        return Provinces.areKnownOf(address.country())
                        && Provinces.read(address.country(), address.state()).isEmpty()
                ? Optional.of(Finding.stop(
                        AddressPart.STATE,
                        "“" + address.state() + "” is no state or province of " + country + ".",
                        elsewhere(address, "Write its name or its usual letters.")))
                : Optional.empty();
    }

    private static Optional<Finding> code(PostalAddress address, PostalForm form, String country) {
        if (form.demand() == PostalForm.Demand.NONE) {
            return address.postalCode().isEmpty()
                    ? Optional.empty()
                    : Optional.of(Finding.caution(
                            AddressPart.POSTAL_CODE,
                            country + " has no postal codes; the address says " + address.postalCode() + ".",
                            "Leave it out, or correct the country."));
        }
        if (address.postalCode().isEmpty()) {
            return form.demand() == PostalForm.Demand.OPTIONAL
                    ? Optional.empty()
                    : Optional.of(Finding.stop(
                            AddressPart.POSTAL_CODE,
                            "An address in " + country + " needs a postal code.",
                            "Add it, like " + form.example() + "."));
        }
        return form.fits(address.postalCode())
                ? Optional.empty()
                : Optional.of(Finding.stop(
                        AddressPart.POSTAL_CODE,
                        "“" + address.postalCode() + "” is no postal code of " + country + ".",
                        elsewhere(address, "Write it like " + form.example() + ".")));
    }

    /** A ship-to with the fields of the United States and another country has most likely the wrong country. */
    private static String elsewhere(PostalAddress address, String otherwise) {
        boolean home = UnitedStates.readState(address.state()).isPresent()
                && UnitedStates.readPostalCode(address.postalCode()).isPresent();
        return home
                ? "If it is " + address.city() + ", " + address.state().toUpperCase(Locale.ROOT)
                        + ", write United States for the country."
                : otherwise;
    }
}
