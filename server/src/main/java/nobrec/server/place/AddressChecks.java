package nobrec.server.place;

import java.util.List;
import java.util.Optional;
import nobrec.core.address.AddressCheck;
import nobrec.core.address.AddressCheck.Finding;
import nobrec.core.address.PlaceKey;
import nobrec.core.address.PostalAddress;
import nobrec.server.account.Accounts;
import nobrec.server.platform.Fingerprint;
import org.springframework.stereotype.Component;

/** What is wrong with an address, by the reference and by what people have said of it: the one place that says it. */
@Component
public class AddressChecks {

    private final PostalReference postal;
    private final PlaceMapper places;
    private final Accounts accounts;

    AddressChecks(PostalReference postal, PlaceMapper places, Accounts accounts) {
        this.postal = postal;
        this.places = places;
        this.accounts = accounts;
    }

    /** Where somebody has accepted it as it is written, what is found is said and stops nothing. */
    public List<Finding> check(PostalAddress address) {
        List<Finding> findings = postal.check(address);
        if (findings.isEmpty() || address.name().isEmpty()) {
            return findings;
        }
        return places.acceptedAs(key(address), fingerprint(address))
                .map(accepted -> findings.stream()
                        .map(each -> each.acceptedBy(accounts.displayName(accepted.acceptedBy())))
                        .toList())
                .orElse(findings);
    }

    Optional<Finding> worst(PostalAddress address) {
        return AddressCheck.worst(postal.check(address));
    }

    /** By which its place is found. */
    static String key(PostalAddress address) {
        return Fingerprint.of(PlaceKey.of(address));
    }

    /** Of an address as it is written, every letter of it. */
    static String fingerprint(PostalAddress address) {
        return Fingerprint.of(String.join("\n", address.parts()));
    }
}
