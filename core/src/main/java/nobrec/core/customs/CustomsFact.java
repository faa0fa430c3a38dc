package nobrec.core.customs;

/** What customs wants to know of the goods of a line, and of the shipment. */
public enum CustomsFact {
    DESCRIPTION,
    HS_CODE,
    ORIGIN,
    VALUE,
    NET_WEIGHT,
    DUTY_PAYER,
    CURRENCY,
    TERMS
}
