package nobrec.server.source;

import java.util.Map;
import nobrec.core.intake.OrderField;
import nobrec.core.intake.OrderLayout;
import nobrec.core.measure.UnitSystem;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;

/** The layouts that are known. The first row of a file picks its layout. */
final class Layouts {

    static final OrderLayout SHOP_EXPORT = new OrderLayout(
            "Shop export, one row a line",
            Map.ofEntries(
                    Map.entry(OrderField.ORDER_NUMBER, "Order No"),
                    Map.entry(OrderField.CUSTOMER, "Customer"),
                    Map.entry(OrderField.CUSTOMER_PO, "Cust PO"),
                    Map.entry(OrderField.COMPANY, "Ship To"),
                    Map.entry(OrderField.PERSON, "Attn"),
                    Map.entry(OrderField.STREET, "Street"),
                    Map.entry(OrderField.STREET2, "Street 2"),
                    Map.entry(OrderField.CITY, "City"),
                    Map.entry(OrderField.STATE, "State"),
                    Map.entry(OrderField.POSTAL_CODE, "ZIP"),
                    Map.entry(OrderField.COUNTRY, "Country"),
                    Map.entry(OrderField.PHONE, "Phone"),
                    Map.entry(OrderField.MAIL, "E-mail"),
                    Map.entry(OrderField.PROMISE_DATE, "Promise"),
                    Map.entry(OrderField.SERVICE, "Ship Via"),
                    Map.entry(OrderField.TERMS, "Freight"),
                    Map.entry(OrderField.ITEM, "Item"),
                    Map.entry(OrderField.DESCRIPTION, "Description"),
                    Map.entry(OrderField.QUANTITY, "Qty"),
                    Map.entry(OrderField.UNIT_WEIGHT, "Unit Wt lb"),
                    Map.entry(OrderField.UNIT_SIZE, "Unit Size in"),
                    Map.entry(OrderField.UNIT_VALUE, "Unit Value"),
                    Map.entry(OrderField.HANDLING, "Handling"),
                    Map.entry(OrderField.LOTS, "Lots"),
                    Map.entry(OrderField.HS_CODE, "HS Code"),
                    Map.entry(OrderField.ORIGIN, "Origin"),
                    Map.entry(OrderField.GOODS, "Goods"),
                    Map.entry(OrderField.FREIGHT_CLASS, "Class"),
                    Map.entry(OrderField.CARRIER_ACCOUNT, "Carrier Account"),
                    Map.entry(OrderField.QUOTED_FREIGHT, "Quoted Freight")),
            DayText.Order.MONTH_FIRST,
            UnitSystem.POUND_INCH,
            DecimalMark.POINT,
            "US");

    private Layouts() {}
}
