package nobrec.core.intake;

import java.util.function.Function;
import nobrec.core.address.PostalAddress;
import nobrec.core.layout.OrderField;

/** The fields of a ship-to as an address. */
final class ShipToFields {

    private ShipToFields() {}

    /** @param country its code */
    static PostalAddress read(Function<OrderField, String> text, String country) {
        return new PostalAddress(
                        text.apply(OrderField.COMPANY),
                        text.apply(OrderField.PERSON),
                        text.apply(OrderField.STREET),
                        text.apply(OrderField.STREET2),
                        text.apply(OrderField.CITY),
                        text.apply(OrderField.STATE),
                        text.apply(OrderField.POSTAL_CODE),
                        country)
                .inStandardSpelling();
    }
}
