package nobrec.standins.carrier;

import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import nobrec.standins.store.RecordStore;

/** What a customer has paid in beforehand, less what her consignments cost; each payment once for a key. */
final class PrepaidAccount {

    private static final BigDecimal OPENING = new BigDecimal("20000.00");

    private final RecordStore payments;
    private final RecordStore consignments;

    /** @param consignments that are taken, each with its price */
    PrepaidAccount(String carrier, Path folder, RecordStore consignments) {
        this.payments = new RecordStore(folder.resolve(carrier + "-payments.json"));
        this.consignments = consignments;
    }

    BigDecimal balance() {
        return OPENING.add(sum(payments.all(), "amount")).subtract(sum(standing(), "price"));
    }

    private List<Map<String, Object>> standing() {
        return consignments.all().stream()
                .filter(each -> !each.containsKey("void"))
                .toList();
    }

    private static BigDecimal sum(List<Map<String, Object>> records, String field) {
        return records.stream()
                .filter(each -> each.containsKey(field))
                .map(each -> new BigDecimal((String) each.get(field)))
                .reduce(new BigDecimal("0.00"), BigDecimal::add);
    }

    /** @return what was done, in words */
    String payIn(String key, BigDecimal amount) {
        payments.once(key, () -> Map.of("key", key, "amount", amount.toPlainString()));
        return amount.toPlainString() + " is paid in.";
    }

    /** For trying: as if somebody had taken out or paid in what is different. */
    void setTo(BigDecimal balance) {
        payIn("set " + payments.size(), balance.subtract(balance()));
    }

    /** @throws IllegalArgumentException when it does not cover a price */
    void require(BigDecimal price) {
        if (balance().compareTo(price) < 0) {
            throw new IllegalArgumentException("The account holds " + balance().toPlainString() + ", and this costs "
                    + price.toPlainString() + ": pay in first.");
        }
    }
}
