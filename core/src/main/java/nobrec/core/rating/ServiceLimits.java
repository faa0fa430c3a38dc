package nobrec.core.rating;

import java.util.Set;
import nobrec.core.address.PlaceKind;
import nobrec.core.measure.Length;
import nobrec.core.measure.Weight;

/** What a service does not take, for each package. */
public record ServiceLimits(
        Weight greatestWeight, Length greatestLength, Length greatestLengthPlusGirth, Set<PlaceKind> excludedPlaces) {

    public ServiceLimits {
        excludedPlaces = Set.copyOf(excludedPlaces);
    }
}
