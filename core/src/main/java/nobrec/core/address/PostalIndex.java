package nobrec.core.address;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.address.AddressCheck.KnownPostalCode;

/** Postal codes by their digits, and by their cities. */
public final class PostalIndex {

    private record Place(String city, String state) {}

    private final Map<String, KnownPostalCode> byCode = new HashMap<>();
    private final Map<Place, List<KnownPostalCode>> byCity = new HashMap<>();

    public PostalIndex(Collection<KnownPostalCode> codes) {
        for (KnownPostalCode each : codes) {
            if (byCode.putIfAbsent(each.code(), each) == null) {
                byCity.computeIfAbsent(place(each.city(), each.state()), place -> new ArrayList<>())
                        .add(each);
            }
        }
    }

    private static Place place(String city, String state) {
        return new Place(CityName.plain(city), state);
    }

    /** @param code five digits */
    public Optional<KnownPostalCode> find(String code) {
        return Optional.ofNullable(byCode.get(code));
    }

    /** Codes of a city, however it is spelled. */
    List<KnownPostalCode> of(String city, String state) {
        return byCity.getOrDefault(place(city, state), List.of());
    }
}
