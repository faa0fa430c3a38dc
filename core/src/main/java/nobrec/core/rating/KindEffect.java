package nobrec.core.rating;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import nobrec.core.address.PlaceKind;

/**
 * What the kind of a place does to the prices: the same shipment priced to it and to a business.
 *
 * @param carriersByCents carriers by what each asks more than to a business, in cents; less where it is negative
 * @param notGoing carriers that would go to a business there and do not go to this kind
 */
public record KindEffect(PlaceKind kind, Map<Long, Set<String>> carriersByCents, Set<String> notGoing) {

    private static final int CENT_DIGITS = 2;

    /**
     * @param there offers to the place as it is
     * @param toBusiness offers for the same were it a business
     * @return empty where it makes no difference
     */
    public static Optional<KindEffect> of(PlaceKind kind, List<Offer> there, List<Offer> toBusiness) {
        Map<String, Offer> asIs =
                there.stream().collect(Collectors.toMap(offer -> offer.service().code(), Function.identity()));
        Map<Long, Set<String>> byCents = new TreeMap<>();
        Set<String> notGoing = new TreeSet<>();
        Set<String> going = new TreeSet<>();
        for (Offer business : toBusiness) {
            Offer own = asIs.get(business.service().code());
            if (!business.isUsable() || own == null) {
                continue;
            }
            String carrier = business.service().carrier().name();
            if (!own.isUsable()) {
                notGoing.add(carrier);
            } else {
                going.add(carrier);
                long more = own.totalCents() - business.totalCents();
                if (more != 0) {
                    byCents.computeIfAbsent(more, cents -> new TreeSet<>()).add(carrier);
                }
            }
        }
        notGoing.removeAll(going);
        return byCents.isEmpty() && notGoing.isEmpty()
                ? Optional.empty()
                : Optional.of(new KindEffect(kind, byCents, notGoing));
    }

    /** In words: {@code residence: +5.55 at 3 carriers; Godwit Post does not go there}. */
    public String sentence() {
        List<String> parts = new ArrayList<>();
        String prices = carriersByCents.entrySet().stream()
                .map(each -> signed(each.getKey()) + " at " + carriers(each.getValue()))
                .collect(Collectors.joining(", "));
        if (!prices.isEmpty()) {
            parts.add(prices);
        }
        if (!notGoing.isEmpty()) {
            parts.add(String.join(", ", notGoing) + (notGoing.size() == 1 ? " does" : " do") + " not go there");
        }
        return kind.words() + ": " + String.join("; ", parts);
    }

    private static String carriers(Set<String> names) {
        return names.size() == 1 ? names.iterator().next() : names.size() + " carriers";
    }

    private static String signed(long cents) {
        return (cents > 0 ? "+" : "") + BigDecimal.valueOf(cents, CENT_DIGITS).toPlainString();
    }
}
