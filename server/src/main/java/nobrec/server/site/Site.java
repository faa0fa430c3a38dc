package nobrec.server.site;

import java.time.LocalTime;
import java.time.ZoneId;
import nobrec.core.address.PostalAddress;

/**
 * One of our own places that packages leave from.
 *
 * @param phone in E.164
 */
public record Site(
        long id,
        String code,
        String company,
        String street,
        String city,
        String state,
        String postalCode,
        String country,
        String phone,
        String timeZone,
        LocalTime opensAt,
        LocalTime closesAt) {

    public ZoneId zone() {
        return ZoneId.of(timeZone);
    }

    /** As people say it: company and city. */
    public String name() {
        return company + ", " + city;
    }

    public PostalAddress address() {
        return new PostalAddress(company, "", street, "", city, state, postalCode, country);
    }
}
