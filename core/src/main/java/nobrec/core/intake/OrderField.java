package nobrec.core.intake;

/** What a column of a file of work orders can feed. */
public enum OrderField {
    ORDER_NUMBER,
    CUSTOMER,
    CUSTOMER_PO,
    COMPANY,
    PERSON,
    STREET,
    STREET2,
    CITY,
    STATE,
    POSTAL_CODE,
    COUNTRY,
    PHONE,
    MAIL,
    PROMISE_DATE,
    SERVICE,
    TERMS,
    ITEM,
    DESCRIPTION,
    QUANTITY,
    UNIT_WEIGHT,
    UNIT_SIZE,
    UNIT_VALUE(true),
    HANDLING(true),
    LOTS(true),
    HS_CODE(true),
    ORIGIN(true),
    GOODS(true),
    FREIGHT_CLASS(true),
    CARRIER_ACCOUNT(true),
    QUOTED_FREIGHT(true);

    private final boolean optional;

    OrderField() {
        this(false);
    }

    OrderField(boolean optional) {
        this.optional = optional;
    }

    /** Whether a file may do without the column. */
    boolean isOptional() {
        return optional;
    }
}
