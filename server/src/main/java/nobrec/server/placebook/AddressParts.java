package nobrec.server.placebook;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import nobrec.core.address.PostalAddress;

/** The parts of an address by the names that they have in the API. */
final class AddressParts {

    private static final Map<String, Function<PostalAddress, String>> PARTS = parts();

    private AddressParts() {}

    private static Map<String, Function<PostalAddress, String>> parts() {
        Map<String, Function<PostalAddress, String>> parts = new LinkedHashMap<>();
        parts.put("company", PostalAddress::company);
        parts.put("person", PostalAddress::person);
        parts.put("street", PostalAddress::street);
        parts.put("street2", PostalAddress::street2);
        parts.put("city", PostalAddress::city);
        parts.put("state", PostalAddress::state);
        parts.put("postalCode", PostalAddress::postalCode);
        parts.put("country", PostalAddress::country);
        return parts;
    }

    static List<String> different(PostalAddress one, PostalAddress other) {
        return PARTS.entrySet().stream()
                .filter(part ->
                        !part.getValue().apply(one).equals(part.getValue().apply(other)))
                .map(Map.Entry::getKey)
                .toList();
    }
}
