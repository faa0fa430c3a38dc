package nobrec.server.place;

import java.math.BigDecimal;
import nobrec.core.address.GeoPoint;

/** A row of table postal_code. */
record PostalCodeRow(String code, String city, String state, BigDecimal latitude, BigDecimal longitude) {

    GeoPoint point() {
        return new GeoPoint(latitude.doubleValue(), longitude.doubleValue());
    }
}
