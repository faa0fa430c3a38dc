package nobrec.core.rating;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
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
 * @param carriersByMore carriers by what they ask more than to a business, from the service for which that is least to the one for
 *     which it is most
 * @param notGoing carriers that would go to a business there and do not go to this kind
 */
public record KindEffect(PlaceKind kind, Map<More, Set<String>> carriersByMore, Set<String> notGoing) {

    private static final int CENT_DIGITS = 2;

    /** Cents; below zero where a business pays more. */
    public record More(long least, long most) implements Comparable<More> {

        private static final Comparator<More> LEAST_FIRST =
                Comparator.comparingLong(More::least).thenComparingLong(More::most);

        private More with(More other) {
            return new More(Math.min(least, other.least), Math.max(most, other.most));
        }

        @Override
        public int compareTo(More other) {
            return LEAST_FIRST.compare(this, other);
        }

        private String words() {
            return signed(least) + (least == most ? "" : " to " + signed(most));
        }
    }

    /**
     * @param there offers to the place as it is
     * @param toBusiness offers for the same were it a business
     * @return empty where it makes no difference
     */
    public static Optional<KindEffect> of(PlaceKind kind, List<Offer> there, List<Offer> toBusiness) {
        Map<String, Offer> asIs =
                there.stream().collect(Collectors.toMap(offer -> offer.service().code(), Function.identity()));
        Map<String, More> byCarrier = new TreeMap<>();
        Set<String> notGoing = new TreeSet<>();
        for (Offer business : toBusiness) {
            Offer own = asIs.get(business.service().code());
            if (!business.isUsable() || own == null) {
                continue;
            }
            String carrier = business.service().carrier().name();
            if (own.isUsable()) {
                long more = own.totalCents() - business.totalCents();
                byCarrier.merge(carrier, new More(more, more), More::with);
            } else {
                notGoing.add(carrier);
            }
        }
        notGoing.removeAll(byCarrier.keySet());
        Map<More, Set<String>> byMore = new TreeMap<>();
        byCarrier.forEach((carrier, more) -> {
            if (more.least() != 0 || more.most() != 0) {
                byMore.computeIfAbsent(more, each -> new TreeSet<>()).add(carrier);
            }
        });
        return byMore.isEmpty() && notGoing.isEmpty()
                ? Optional.empty()
                : Optional.of(new KindEffect(kind, byMore, notGoing));
    }

    /** In words: {@code residence: +5.55 at 3 carriers; Godwit Post does not go there}. */
    public String sentence() {
        List<String> parts = new ArrayList<>();
        String prices = carriersByMore.entrySet().stream()
                .map(each -> each.getKey().words() + " at " + carriers(each.getValue()))
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
