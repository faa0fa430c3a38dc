package nobrec.server.prepaid;

import java.time.Instant;
import org.joda.money.Money;

/** A row of table account_payment that is to be; the database gives it its id. */
final class NewPayment {

    private final String carrierCode;
    private final Money amount;
    private final String askedBy;
    private final Instant askedAt;
    private long id;

    NewPayment(String carrierCode, Money amount, String askedBy, Instant askedAt) {
        this.carrierCode = carrierCode;
        this.amount = amount;
        this.askedBy = askedBy;
        this.askedAt = askedAt;
    }

    public String getCarrierCode() {
        return carrierCode;
    }

    public Money getAmount() {
        return amount;
    }

    public String getAskedBy() {
        return askedBy;
    }

    public Instant getAskedAt() {
        return askedAt;
    }

    public long getId() {
        return id;
    }

    public void setId(long id) {
        this.id = id;
    }
}
