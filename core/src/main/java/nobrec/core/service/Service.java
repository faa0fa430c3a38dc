package nobrec.core.service;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import nobrec.core.carton.CartonKind;
import nobrec.core.customs.ExportPaper;
import nobrec.core.item.GoodsClass;

/**
 * How a carrier carries.
 *
 * @param ground whether it is the ordinary way by road
 * @param transit how long it is on the way
 * @param takes what kinds of packages it accepts
 * @param excludedGoods classes of goods it is not open to
 * @param accessorials what it offers beyond plain carriage
 * @param exportPapers what it needs abroad besides the label
 */
public record Service(
        String code,
        String name,
        Carrier carrier,
        boolean ground,
        ServiceLimits limits,
        Transit transit,
        Set<CartonKind> takes,
        Set<GoodsClass> excludedGoods,
        Set<Accessorial> accessorials,
        List<ExportPaper> exportPapers) {

    public Service {
        takes = Set.copyOf(takes);
        excludedGoods = Set.copyOf(excludedGoods);
        accessorials = Set.copyOf(accessorials);
        exportPapers = List.copyOf(exportPapers);
    }

    /**
     * Working days on the way.
     *
     * @param byZone for the zones by distance, 1, 2, ... in turn
     * @param byPlace for postal codes that begin so, and for countries
     */
    public record Transit(List<Integer> byZone, PostalTable<Integer> byPlace) {

        private static final Integer BY_ZONE = -1;

        public Transit(List<Integer> byZone, Map<String, Integer> byPlace) {
            this(byZone, new PostalTable<>(byPlace));
        }

        public Transit {
            if (byZone.size() != Zone.MAXIMUM) {
                throw new IllegalArgumentException("Transit days are needed for " + Zone.MAXIMUM + " zones.");
            }
            byZone = List.copyOf(byZone);
        }

        /** Where nothing is known it is the longest time by distance. */
        int daysTo(Destination destination) {
            if (destination.isAbroad()) {
                return byPlace.all().getOrDefault(destination.country(), byZone.get(Zone.MAXIMUM - 1));
            }
            int days = byPlace.find(destination.postalCode(), BY_ZONE);
            if (days >= 0) {
                return days;
            }
            int zone = destination.distance().isPresent()
                    ? destination.distance().get().number()
                    : Zone.MAXIMUM;
            return byZone.get(zone - 1);
        }
    }

    /** Whether it goes on pallets and in crates only. */
    public boolean isFreight() {
        return takes.stream().allMatch(CartonKind::carriesCartons);
    }

    public int transitDaysTo(Destination destination) {
        return transit.daysTo(destination);
    }

    /** Whether a record that asks for this text means this service: its name or code, capitals aside. */
    public boolean isMeantBy(String requested) {
        String plain = requested.strip().toLowerCase(Locale.ROOT);
        return plain.equals(name.toLowerCase(Locale.ROOT)) || plain.equals(code.toLowerCase(Locale.ROOT));
    }
}
