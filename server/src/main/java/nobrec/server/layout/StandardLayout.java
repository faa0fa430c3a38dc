package nobrec.server.layout;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import nobrec.core.layout.FieldTarget;
import nobrec.core.layout.LayoutNotation;
import nobrec.core.layout.OrderField;
import nobrec.core.layout.OrderLayout;
import nobrec.core.layout.RowShape;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;

/** The layout that is always there: that of our own lists of work orders, one row a line. */
public final class StandardLayout {

    private static final Map<OrderField, String> HEADINGS = new EnumMap<>(OrderField.class);

    static {
        HEADINGS.put(OrderField.ORDER_NUMBER, "Order No");
        HEADINGS.put(OrderField.CUSTOMER, "Customer");
        HEADINGS.put(OrderField.CUSTOMER_PO, "Cust PO");
        HEADINGS.put(OrderField.BATCH, "Batch");
        HEADINGS.put(OrderField.SITE, "Site");
        HEADINGS.put(OrderField.COMPANY, "Ship To");
        HEADINGS.put(OrderField.PERSON, "Attn");
        HEADINGS.put(OrderField.STREET, "Street");
        HEADINGS.put(OrderField.STREET2, "Street 2");
        HEADINGS.put(OrderField.CITY, "City");
        HEADINGS.put(OrderField.STATE, "State");
        HEADINGS.put(OrderField.POSTAL_CODE, "ZIP");
        HEADINGS.put(OrderField.COUNTRY, "Country");
        HEADINGS.put(OrderField.PHONE, "Phone");
        HEADINGS.put(OrderField.MAIL, "E-mail");
        HEADINGS.put(OrderField.BILL_COMPANY, "Bill To");
        HEADINGS.put(OrderField.BILL_PERSON, "Bill To Attn");
        HEADINGS.put(OrderField.BILL_STREET, "Bill To Street");
        HEADINGS.put(OrderField.BILL_STREET2, "Bill To Street 2");
        HEADINGS.put(OrderField.BILL_CITY, "Bill To City");
        HEADINGS.put(OrderField.BILL_STATE, "Bill To State");
        HEADINGS.put(OrderField.BILL_POSTAL_CODE, "Bill To ZIP");
        HEADINGS.put(OrderField.BILL_COUNTRY, "Bill To Country");
        HEADINGS.put(OrderField.PROMISE_DATE, "Promise");
        HEADINGS.put(OrderField.SERVICE, "Ship Via");
        HEADINGS.put(OrderField.CARTON, "Package");
        HEADINGS.put(OrderField.TERMS, "Freight");
        HEADINGS.put(OrderField.CARRIER_ACCOUNT, "Carrier Account");
        HEADINGS.put(OrderField.QUOTED_FREIGHT, "Quoted Freight");
        HEADINGS.put(OrderField.NO_PRICES, "No Prices");
        HEADINGS.put(OrderField.HOLD, "Hold");
        HEADINGS.put(OrderField.NOTES, "Notes");
        HEADINGS.put(OrderField.REFERENCE_1, "Reference 1");
        HEADINGS.put(OrderField.REFERENCE_2, "Reference 2");
        HEADINGS.put(OrderField.ORIGIN_SYSTEM, "Origin System");
        HEADINGS.put(OrderField.ORIGIN_NUMBER, "Origin Number");
        HEADINGS.put(OrderField.INCOTERM, "Incoterm");
        HEADINGS.put(OrderField.EXPORT_REASON, "Export Reason");
        HEADINGS.put(OrderField.DUTY_PAYER, "Duty Paid By");
        HEADINGS.put(OrderField.CURRENCY, "Declared In");
        HEADINGS.put(OrderField.LATIN_SHIP_TO, "Ship To Latin");
        HEADINGS.put(OrderField.ITEM, "Item");
        HEADINGS.put(OrderField.DESCRIPTION, "Description");
        HEADINGS.put(OrderField.QUANTITY, "Qty");
        HEADINGS.put(OrderField.QUANTITY_READY, "Qty Ready");
        HEADINGS.put(OrderField.UNIT_WEIGHT, "Unit Wt lb");
        HEADINGS.put(OrderField.UNIT_SIZE, "Unit Size in");
        HEADINGS.put(OrderField.UNIT_VALUE, "Unit Value");
        HEADINGS.put(OrderField.HANDLING, "Handling");
        HEADINGS.put(OrderField.LOTS, "Lots");
        HEADINGS.put(OrderField.HS_CODE, "HS Code");
        HEADINGS.put(OrderField.ORIGIN, "Origin");
        HEADINGS.put(OrderField.CUSTOMS_DESCRIPTION, "Customs Description");
        HEADINGS.put(OrderField.GOODS, "Goods");
        HEADINGS.put(OrderField.FREIGHT_CLASS, "Class");
    }

    public static final OrderLayout LAYOUT = new OrderLayout(
            "Nobrec list, one row a line",
            RowShape.LINE_A_ROW,
            columns(),
            Map.of(),
            new LayoutNotation(DayText.Order.MONTH_FIRST, WeightUnit.POUND, LengthUnit.INCH, DecimalMark.POINT, "US"));

    private StandardLayout() {}

    private static Map<FieldTarget, String> columns() {
        Map<FieldTarget, String> columns = new HashMap<>();
        HEADINGS.forEach((field, heading) -> columns.put(FieldTarget.of(field), heading));
        return columns;
    }
}
