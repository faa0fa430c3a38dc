package nobrec.core.layout;

import java.util.List;

/** What a column of work orders can feed. */
public enum OrderField {
    ORDER_NUMBER("Job number", Part.HEAD, Form.TEXT),
    CUSTOMER("Customer", Part.HEAD, Form.TEXT),
    CUSTOMER_PO("Customer PO", Part.HEAD, Form.TEXT),
    BATCH("Batch", Part.HEAD, Form.TEXT),
    STATUS("Status at the source", Part.HEAD, Form.TEXT),
    SITE("Site it leaves from", Part.HEAD, Form.WORD),
    COMPANY("Ship-to company", Part.HEAD, Form.TEXT),
    PERSON("Ship-to person", Part.HEAD, Form.TEXT),
    STREET("Ship-to street", Part.HEAD, Form.TEXT),
    STREET2("Ship-to second street line", Part.HEAD, Form.TEXT),
    CITY("Ship-to city", Part.HEAD, Form.TEXT),
    STATE("Ship-to state", Part.HEAD, Form.TEXT),
    POSTAL_CODE("Ship-to postal code", Part.HEAD, Form.TEXT),
    COUNTRY("Ship-to country", Part.HEAD, Form.WORD),
    PHONE("Phone", Part.HEAD, Form.TEXT),
    MAIL("E-mail", Part.HEAD, Form.TEXT),
    BILL_COMPANY("Bill-to company", Part.HEAD, Form.TEXT),
    BILL_PERSON("Bill-to person", Part.HEAD, Form.TEXT),
    BILL_STREET("Bill-to street", Part.HEAD, Form.TEXT),
    BILL_STREET2("Bill-to second street line", Part.HEAD, Form.TEXT),
    BILL_CITY("Bill-to city", Part.HEAD, Form.TEXT),
    BILL_STATE("Bill-to state", Part.HEAD, Form.TEXT),
    BILL_POSTAL_CODE("Bill-to postal code", Part.HEAD, Form.TEXT),
    BILL_COUNTRY("Bill-to country", Part.HEAD, Form.WORD),
    PROMISE_DATE("Promise date", Part.HEAD, Form.DAY),
    SERVICE("Requested service", Part.HEAD, Form.WORD),
    CARTON("Requested package", Part.HEAD, Form.WORD),
    TERMS("Freight terms", Part.HEAD, Form.WORD),
    CARRIER_ACCOUNT("Carrier account", Part.HEAD, Form.TEXT),
    QUOTED_FREIGHT("Quoted freight", Part.HEAD, Form.MONEY),
    NO_PRICES("No prices on papers", Part.HEAD, Form.YES_NO),
    HOLD("Hold", Part.HEAD, Form.TEXT),
    NOTES("Notes", Part.HEAD, Form.TEXT),
    REFERENCE_1("Reference 1 on the label", Part.HEAD, Form.TEXT),
    REFERENCE_2("Reference 2 on the label", Part.HEAD, Form.TEXT),
    ORIGIN_SYSTEM("System it belongs to", Part.HEAD, Form.WORD),
    ORIGIN_NUMBER("Number in that system", Part.HEAD, Form.TEXT),
    INCOTERM("Incoterm", Part.HEAD, Form.TEXT),
    EXPORT_REASON("Reason for export", Part.HEAD, Form.TEXT),
    DUTY_PAYER("Duty paid by", Part.HEAD, Form.TEXT),
    CURRENCY("Declared in", Part.HEAD, Form.TEXT),
    /** One text; empty where papers can show it as it is written. */
    LATIN_SHIP_TO("Ship-to in Latin letters", Part.HEAD, Form.TEXT),
    CUSTOM("Custom field of the job", Part.HEAD, Form.TEXT),
    ITEM("Item", Part.LINE, Form.TEXT),
    DESCRIPTION("Description", Part.LINE, Form.TEXT),
    QUANTITY("Quantity ordered", Part.LINE, Form.PIECES),
    QUANTITY_READY("Quantity ready", Part.LINE, Form.PIECES),
    UNIT_WEIGHT("Weight of one piece", Part.LINE, Form.WEIGHT),
    UNIT_SIZE("Size of one piece", Part.LINE, Form.SIZE),
    UNIT_LENGTH("Length of one piece", Part.LINE, Form.LENGTH),
    UNIT_WIDTH("Width of one piece", Part.LINE, Form.LENGTH),
    UNIT_HEIGHT("Height of one piece", Part.LINE, Form.LENGTH),
    UNIT_VALUE("Value of one piece", Part.LINE, Form.MONEY),
    HANDLING("Handling", Part.LINE, Form.TEXT),
    LOTS("Lots", Part.LINE, Form.TEXT),
    HS_CODE("HS code", Part.LINE, Form.TEXT),
    ORIGIN("Country of origin", Part.LINE, Form.TEXT),
    CUSTOMS_DESCRIPTION("Description for customs", Part.LINE, Form.TEXT),
    GOODS("Class of goods", Part.LINE, Form.TEXT),
    FREIGHT_CLASS("Freight class", Part.LINE, Form.TEXT),
    /** One text; empty where the line goes where the job goes. */
    LINE_SHIP_TO("Ship-to of the line", Part.LINE, Form.TEXT),
    LINE_CUSTOM("Custom field of the line", Part.LINE, Form.TEXT);

    /** Where an order goes. */
    public static final List<OrderField> SHIP_TO =
            List.of(COMPANY, PERSON, STREET, STREET2, CITY, STATE, POSTAL_CODE, COUNTRY);

    /** Whether it is said once of a work order or of each of its lines. */
    public enum Part {
        HEAD,
        LINE
    }

    /** What its text is read as. */
    public enum Form {
        TEXT,
        /** One of a list of ours; what else a source writes is translated by the wordbook. */
        WORD,
        DAY,
        PIECES,
        WEIGHT,
        SIZE,
        LENGTH,
        MONEY,
        YES_NO;

        /** Whether figures with decimals may stand in it. */
        public boolean hasFigures() {
            return this == PIECES || this == WEIGHT || this == SIZE || this == LENGTH || this == MONEY;
        }
    }

    private final String label;
    private final Part part;
    private final Form form;

    OrderField(String label, Part part, Form form) {
        this.label = label;
        this.part = part;
        this.form = form;
    }

    /** As people call it. */
    public String label() {
        return label;
    }

    public Part part() {
        return part;
    }

    public Form form() {
        return form;
    }

    /** Whether the shop gives it a name of its own, and may have several. */
    public boolean isCustom() {
        return this == CUSTOM || this == LINE_CUSTOM;
    }
}
