package nobrec.core.calendar;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The public holidays of a country. */
public interface PublicHolidays {

    Map<String, PublicHolidays> BY_COUNTRY = Map.of("US", new FederalHolidays());

    /** Those of a country by its code (ISO 3166-1); empty when we do not know them. */
    static Optional<PublicHolidays> of(String country) {
        return Optional.ofNullable(BY_COUNTRY.get(country));
    }

    /** The days of that year on which a holiday is observed. */
    Set<LocalDate> observedIn(int year);

    /** Whether a holiday with a fixed date falls on that very day, whatever day it is observed on. */
    boolean fallsOn(LocalDate day);
}
