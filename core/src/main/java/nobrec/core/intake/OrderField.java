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
    TOWN,
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
    UNIT_SIZE
}
