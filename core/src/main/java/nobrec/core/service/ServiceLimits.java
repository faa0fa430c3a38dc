package nobrec.core.service;

import java.util.Set;
import nobrec.core.address.PlaceKind;
import nobrec.core.measure.Length;
import nobrec.core.measure.Weight;

/**
 * What a service does not take: the first three for each package.
 *
 * @param countries abroad to which it goes, two letters each
 */
public record ServiceLimits(
        Weight maximumWeight,
        Length maximumLength,
        Length maximumLengthPlusGirth,
        Set<PlaceKind> excludedPlaces,
        Set<String> countries) {

    public ServiceLimits {
        excludedPlaces = Set.copyOf(excludedPlaces);
        countries = Set.copyOf(countries);
    }

    public boolean goesTo(Destination destination) {
        return !destination.isAbroad() || countries.contains(destination.country());
    }
}
