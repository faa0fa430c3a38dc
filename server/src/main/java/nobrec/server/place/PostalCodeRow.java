package nobrec.server.place;

import java.math.BigDecimal;
import nobrec.core.address.GeoPoint;

/** A postal code and one of its cities; a row of table postal_code. */
public record PostalCodeRow(String code, String city, String state, BigDecimal latitude, BigDecimal longitude) {

    GeoPoint point() {
        return new GeoPoint(latitude.doubleValue(), longitude.doubleValue());
    }
}
