package nobrec.core.ratesheet;

import java.util.List;
import java.util.Map;
import nobrec.core.service.Destination;
import nobrec.core.service.PostalTable;

/**
 * How a rate sheet finds its zone: abroad by the country's group; at home by a table of postal codes, then by distance.
 *
 * @param names of the zones, in the order of the sheet's columns
 * @param byDistance whether the zones named 1 to 8 are those of the distance
 * @param byPostalCode zone name by the first digits of a postal code
 * @param byCountry zone name by country
 */
public record Zoning(
        List<String> names, boolean byDistance, PostalTable<String> byPostalCode, Map<String, String> byCountry) {

    public static final int NONE = -1;

    public Zoning {
        names = List.copyOf(names);
        byCountry = Map.copyOf(byCountry);
    }

    /** Which of the sheet's columns, or {@link #NONE}. */
    public int columnOf(Destination destination) {
        if (destination.isAbroad()) {
            String group = byCountry.get(destination.country());
            return group == null ? NONE : names.indexOf(group);
        }
        String zone = byPostalCode.find(destination.postalCode(), "");
        if (!zone.isEmpty()) {
            return names.indexOf(zone);
        }
        return byDistance && destination.distance().isPresent()
                ? columnOfDistance(destination.distance().get().number())
                : NONE;
    }

    private int columnOfDistance(int number) {
        // By far the most sheets have the eight zones in their order.
        return names.size() >= number
                        && names.get(number - 1).length() == 1
                        && names.get(number - 1).charAt(0) == '0' + number
                ? number - 1
                : names.indexOf(String.valueOf(number));
    }
}
