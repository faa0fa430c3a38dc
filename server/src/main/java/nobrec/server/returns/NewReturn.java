package nobrec.server.returns;

import java.time.Instant;
import java.time.LocalDate;
import nobrec.core.measure.Weight;
import nobrec.core.returns.ReturnPayer;
import nobrec.core.returns.ReturnReason;
import nobrec.core.returns.ReturnState;
import nobrec.core.shipment.Shipment;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/** A return that is to be kept; the database gives it its id. */
final class NewReturn {

    private final Shipment shipment;
    private final Terms terms;
    private final @Nullable Label label;
    private final Money nothing;
    private final String askedBy;
    private final Instant askedAt;
    private long id;

    NewReturn(Shipment shipment, Terms terms, @Nullable Label label, Money nothing, String askedBy, Instant askedAt) {
        this.shipment = shipment;
        this.terms = terms;
        this.label = label;
        this.nothing = nothing;
        this.askedBy = askedBy;
        this.askedAt = askedAt;
    }

    /** @param due until when a label is valid, or until when it should be here */
    record Terms(String job, String customer, ReturnReason reason, String note, ReturnPayer payer, LocalDate due) {}

    /** The label that its carrier is asked for. */
    record Label(String carrierCode, String serviceCode, Weight weight, Money freightCost, Money customerCharge) {}

    public long getShipmentId() {
        return shipment.id();
    }

    public long getWorkOrderId() {
        return shipment.workOrderId();
    }

    public String getJob() {
        return terms.job();
    }

    public long getSiteId() {
        return shipment.siteId();
    }

    public Terms getTerms() {
        return terms;
    }

    public @Nullable Label getLabel() {
        return label;
    }

    public ReturnState getState() {
        return label == null ? ReturnState.EXPECTED : ReturnState.ASKED;
    }

    public Money getFreightCost() {
        return label == null ? nothing : label.freightCost();
    }

    public Money getCustomerCharge() {
        return label == null ? nothing : label.customerCharge();
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
