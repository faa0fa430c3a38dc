package nobrec.server.pickup;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import nobrec.core.measure.Weight;

/** A pickup that is to be asked for; the database gives it its id. */
final class NewPickup {

    private final long siteId;
    private final String carrierCode;
    private final PickupWish wish;
    private final String askedBy;
    private final Instant askedAt;
    private long id;

    NewPickup(long siteId, String carrierCode, PickupWish wish, String askedBy, Instant askedAt) {
        this.siteId = siteId;
        this.carrierCode = carrierCode;
        this.wish = wish;
        this.askedBy = askedBy;
        this.askedAt = askedAt;
    }

    /** When, where and how much. */
    record PickupWish(
            LocalDate day, LocalTime readyAt, LocalTime closesAt, String stands, int packages, Weight weight) {}

    public long getSiteId() {
        return siteId;
    }

    public String getCarrierCode() {
        return carrierCode;
    }

    public PickupWish getWish() {
        return wish;
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
