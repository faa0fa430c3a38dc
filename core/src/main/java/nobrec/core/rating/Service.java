package nobrec.core.rating;

import java.util.List;
import java.util.Locale;

/**
 * How a carrier carries.
 *
 * @param ground whether it is the ordinary way by road
 * @param transitDays working days on the way, for zone 1, 2, ... in turn
 */
public record Service(
        String code, String name, Carrier carrier, boolean ground, ServiceLimits limits, List<Integer> transitDays) {

    public Service {
        if (transitDays.size() != Zone.GREATEST) {
            throw new IllegalArgumentException(code + " needs transit days for " + Zone.GREATEST + " zones.");
        }
        transitDays = List.copyOf(transitDays);
    }

    public int transitDaysTo(Zone zone) {
        return transitDays.get(zone.number() - 1);
    }

    /** Whether a record that asks for this text means this service: its name or code, capitals aside. */
    public boolean isMeantBy(String asked) {
        String plain = asked.strip().toLowerCase(Locale.ROOT);
        return plain.equals(name.toLowerCase(Locale.ROOT)) || plain.equals(code.toLowerCase(Locale.ROOT));
    }
}
