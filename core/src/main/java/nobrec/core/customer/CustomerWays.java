package nobrec.core.customer;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.joda.money.Money;

/** The ways that a customer may choose between. */
public final class CustomerWays {

    private static final Comparator<CustomerWay> SOONEST_THEN_CHEAPEST = Comparator.comparing(CustomerWay::day)
            .thenComparing(CustomerWay::price)
            .thenComparing(CustomerWay::serviceCode);

    private final List<CustomerWay> ways;

    private CustomerWays(List<CustomerWay> ways) {
        this.ways = List.copyOf(ways);
    }

    /**
     * The soonest first. One that comes no sooner than another and costs no less is left out, since nobody would choose it; so is one by
     * which the shop would lose money that it does not lose as it stands, be it that freight is free. The one it goes by as it stands
     * stays.
     *
     * @param allowed codes of the services the shop lets its customers choose; empty for all
     */
    public static CustomerWays of(List<CustomerWay> usable, Set<String> allowed) {
        Optional<Money> margin = usable.stream()
                .filter(CustomerWay::chosen)
                .map(CustomerWay::margin)
                .findFirst();
        List<CustomerWay> kept = new ArrayList<>();
        usable.stream()
                .filter(way -> way.chosen() || allowed.isEmpty() || allowed.contains(way.serviceCode()))
                .filter(way -> !way.margin().isNegative()
                        || margin.filter(each -> !way.margin().isLessThan(each)).isPresent())
                .sorted(SOONEST_THEN_CHEAPEST)
                .filter(way -> way.chosen() || kept.stream().noneMatch(other -> other.isAsGoodAs(way)))
                .forEach(kept::add);
        return new CustomerWays(kept);
    }

    public List<CustomerWay> all() {
        return ways;
    }

    public Optional<CustomerWay> byCode(String serviceCode) {
        return ways.stream()
                .filter(way -> way.serviceCode().equals(serviceCode))
                .findFirst();
    }

    public Optional<CustomerWay> chosen() {
        return ways.stream().filter(CustomerWay::chosen).findFirst();
    }

    /** What it costs the customer as it stands; empty where nothing is chosen. */
    public Optional<Money> price() {
        return chosen().map(CustomerWay::price);
    }
}
