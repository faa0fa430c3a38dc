package nobrec.standins.carrier;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;

/** What a carrier would ask: a base, so much for each kilogram, less for those above thirty, and something for whatever is wanted besides. */
final class QuoteDesk {

    private static final Duration VALID = Duration.ofMinutes(30);
    private static final BigDecimal BASE = new BigDecimal("7.90");
    private static final BigDecimal PER_KILOGRAM = new BigDecimal("1.15");
    private static final BigDecimal LIGHT = new BigDecimal("30");
    private static final BigDecimal PER_HEAVY_KILOGRAM = new BigDecimal("0.38");
    private static final BigDecimal PER_EXTRA = new BigDecimal("4.20");
    private static final int GRAMS_DIGITS = 3;

    /** @param validUntil half an hour after it was asked, by the clock of who asks */
    record Quote(String number, Instant validUntil, List<Price> prices) {}

    record Price(String service, BigDecimal total) {}

    private final String prefix;
    private final AtomicInteger given = new AtomicInteger();

    /** @param prefix of the numbers of its quotes */
    QuoteDesk(String prefix) {
        this.prefix = prefix;
    }

    /** @param extras whatever is wanted beyond plain carriage to a business */
    Quote quote(List<String> services, List<String> extras, Instant askedAt, ConsignmentOrder order) {
        BigDecimal total = exact(order)
                .add(PER_EXTRA.multiply(BigDecimal.valueOf(extras.stream()
                        .filter(extra -> !extra.equals("BUSINESS"))
                        .count())));
        List<Price> prices = new ArrayList<>();
        for (String service : services) {
            // The faster ones stand later in the list, and cost half as much again each.
            BigDecimal dearer =
                    BigDecimal.valueOf(2L + prices.size()).divide(BigDecimal.valueOf(2), 1, RoundingMode.UP);
            prices.add(new Price(service, total.multiply(dearer).setScale(2, RoundingMode.HALF_UP)));
        }
        return new Quote(prefix + "-Q" + given.incrementAndGet(), askedAt.plus(VALID), prices);
    }

    /** Of plain carriage to a business. */
    BigDecimal price(ConsignmentOrder order) {
        return exact(order).setScale(2, RoundingMode.HALF_UP);
    }

    private static BigDecimal exact(ConsignmentOrder order) {
        BigDecimal kilograms = order.packages().stream()
                .map(ConsignmentOrder.Parcel::weightGrams)
                .reduce(BigDecimal.ZERO, BigDecimal::add)
                .movePointLeft(GRAMS_DIGITS);
        return BASE.multiply(BigDecimal.valueOf(order.packages().size()))
                .add(PER_KILOGRAM.multiply(kilograms.min(LIGHT)))
                .add(PER_HEAVY_KILOGRAM.multiply(kilograms.subtract(LIGHT).max(BigDecimal.ZERO)));
    }
}
