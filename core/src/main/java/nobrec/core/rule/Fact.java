package nobrec.core.rule;

/** What a house rule can ask of a work order. */
public enum Fact {
    SOURCE("source", Form.TEXT, Of.JOB),
    ORIGIN_SYSTEM("system it belongs to", Form.TEXT, Of.JOB),
    NUMBER("job number", Form.TEXT, Of.JOB),
    CUSTOMER("customer", Form.TEXT, Of.JOB),
    CUSTOMER_PO("customer PO", Form.TEXT, Of.JOB),
    BATCH("batch", Form.TEXT, Of.JOB),
    SITE("site it leaves from", Form.TEXT, Of.JOB),
    SERVICE("requested service", Form.TEXT, Of.JOB),
    CARTON("requested carton", Form.TEXT, Of.JOB),
    TERMS("freight terms", Form.TERMS, Of.JOB),
    CARRIER_ACCOUNT("carrier account", Form.TEXT, Of.JOB),
    NOTES("notes", Form.TEXT, Of.JOB),
    REFERENCE("a reference for the label", Form.TEXT, Of.JOB),
    NO_PRICES("no prices on papers", Form.YES, Of.JOB),
    COMPANY("ship-to company", Form.TEXT, Of.JOB),
    PERSON("ship-to person", Form.TEXT, Of.JOB),
    STREET("ship-to street", Form.TEXT, Of.JOB),
    CITY("ship-to city", Form.TEXT, Of.JOB),
    STATE("ship-to state", Form.TEXT, Of.JOB),
    POSTAL_CODE("ship-to postal code", Form.TEXT, Of.JOB),
    COUNTRY("ship-to country", Form.COUNTRY, Of.JOB),
    PLACE_KIND("kind of place", Form.PLACE_KIND, Of.JOB),
    PHONE("phone", Form.TEXT, Of.JOB),
    MAIL("e-mail", Form.TEXT, Of.JOB),
    DAYS_TO_PROMISE("days until the promise date", Form.COUNT, Of.JOB),
    WEIGHT("weight of all pieces", Form.WEIGHT, Of.JOB),
    VALUE("value of all pieces", Form.MONEY, Of.JOB),
    QUOTED_FREIGHT("quoted freight", Form.MONEY, Of.JOB),
    PIECES("number of pieces", Form.COUNT, Of.JOB),
    LINES("number of lines", Form.COUNT, Of.JOB),
    CUSTOM("custom field", Form.TEXT, Of.JOB),
    ITEM("item", Form.TEXT, Of.LINE),
    DESCRIPTION("description", Form.TEXT, Of.LINE),
    QUANTITY("quantity ordered", Form.COUNT, Of.LINE),
    UNIT_WEIGHT("weight of one piece", Form.WEIGHT, Of.LINE),
    UNIT_VALUE("value of one piece", Form.MONEY, Of.LINE),
    HS_CODE("HS code", Form.TEXT, Of.LINE),
    LINE_ORIGIN("country of origin", Form.COUNTRY, Of.LINE),
    GOODS("class of goods", Form.GOODS, Of.LINE),
    FREIGHT_CLASS("freight class", Form.TEXT, Of.LINE),
    HANDLING("handling", Form.TEXT, Of.LINE),
    LOT("lot or serial number", Form.TEXT, Of.LINE),
    LINE_CUSTOM("custom field of a line", Form.TEXT, Of.LINE);

    /** What its values are. */
    public enum Form {
        TEXT,
        TERMS,
        COUNTRY,
        PLACE_KIND,
        GOODS,
        COUNT,
        WEIGHT,
        MONEY,
        /** It is so, or it is not. */
        YES;

        public boolean isFigure() {
            return this == COUNT || this == WEIGHT || this == MONEY;
        }
    }

    /** Whether a work order has one value of it, or each of its lines. */
    public enum Of {
        JOB,
        LINE
    }

    private final String label;
    private final Form form;
    private final Of of;

    Fact(String label, Form form, Of of) {
        this.label = label;
        this.form = form;
        this.of = of;
    }

    /** As people call it. */
    public String label() {
        return label;
    }

    public Form form() {
        return form;
    }

    public Of of() {
        return of;
    }

    /** Whether the shop gave it a name of its own. */
    public boolean isCustom() {
        return this == CUSTOM || this == LINE_CUSTOM;
    }
}
