package nobrec.server.carrier;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/** A carrier's quote as it came; {@link #fault} says what is wrong with it. */
public record CarrierQuote(String number, Optional<Instant> validUntil, List<Price> prices) {

    /** @param total with two places */
    public record Price(String service, String total, String currency) {
        public BigDecimal amount() {
            return new BigDecimal(total);
        }
    }

    private static final Pattern AMOUNT = Pattern.compile("[0-9]{1,9}\\.[0-9]{2}");
    private static final int LONGEST_NUMBER = 60;
    private static final int MOST_PRICES = 100;

    /** Why it cannot be used; empty where it can. */
    Optional<String> fault(String currency) {
        if (number.isBlank() || number.length() > LONGEST_NUMBER) {
            return Optional.of("Its quote has no number that we could book by.");
        }
        if (validUntil.isEmpty()) {
            return Optional.of("Its quote does not say how long it is valid.");
        }
        if (prices.size() > MOST_PRICES) {
            return Optional.of("Its quote holds more than " + MOST_PRICES + " prices.");
        }
        return prices.stream()
                .filter(price -> !AMOUNT.matcher(price.total()).matches()
                        || price.amount().signum() == 0)
                .findFirst()
                .map(price -> "Its price “" + price.total() + "” is no amount.")
                .or(() -> prices.stream()
                        .filter(price -> !price.currency().equals(currency))
                        .findFirst()
                        .map(price -> "It quotes in " + price.currency() + ", not in " + currency + "."));
    }
}
