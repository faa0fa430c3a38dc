package nobrec.server.shipnotice;

import java.time.Instant;
import nobrec.core.partner.NoticeForm;
import nobrec.core.shipnotice.ShipNotice;

/** A row of table ship_notice that is to be; the database gives it its id. */
final class NewShipNotice {

    private long id;
    private final String partnerCode;
    private final long shipmentId;
    private final String job;
    private final String number;
    private final ShipNotice.Purpose purpose;
    private final NoticeForm form;
    private final int control;
    private final String deliveryKey;
    private final String contents;
    private final Instant madeAt;

    NewShipNotice(
            String partnerCode,
            long shipmentId,
            String job,
            ShipNotice notice,
            NoticeForm form,
            int control,
            String deliveryKey,
            String contents,
            Instant madeAt) {
        this.partnerCode = partnerCode;
        this.shipmentId = shipmentId;
        this.job = job;
        this.number = notice.number();
        this.purpose = notice.purpose();
        this.form = form;
        this.control = control;
        this.deliveryKey = deliveryKey;
        this.contents = contents;
        this.madeAt = madeAt;
    }

    public long getId() {
        return id;
    }

    public void setId(long id) {
        this.id = id;
    }

    public String getPartnerCode() {
        return partnerCode;
    }

    public long getShipmentId() {
        return shipmentId;
    }

    public String getJob() {
        return job;
    }

    public String getNumber() {
        return number;
    }

    public ShipNotice.Purpose getPurpose() {
        return purpose;
    }

    public NoticeForm getForm() {
        return form;
    }

    public int getControl() {
        return control;
    }

    public String getDeliveryKey() {
        return deliveryKey;
    }

    public String getContents() {
        return contents;
    }

    public Instant getMadeAt() {
        return madeAt;
    }
}
