package nobrec.server.subscription;

import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import nobrec.core.telling.Moment;

/** A row of table subscription. */
record SubscriptionRow(String code, int version, boolean active, String moments) {

    static String written(Set<Moment> moments) {
        return new TreeSet<>(moments).stream().map(Moment::name).collect(Collectors.joining(","));
    }

    Set<Moment> read() {
        return Arrays.stream(moments.split(","))
                .filter(each -> !each.isEmpty())
                .map(Moment::valueOf)
                .collect(Collectors.toUnmodifiableSet());
    }
}
