package nobrec.server.place;

import nobrec.core.address.GeoPoint;
import nobrec.core.address.PostalArea;

/** A row of table postal_area. */
record PostalAreaRow(String code, double latitude, double longitude) {

    static PostalAreaRow of(PostalArea area) {
        return new PostalAreaRow(
                area.code(), area.center().latitude(), area.center().longitude());
    }

    PostalArea area() {
        return new PostalArea(code, new GeoPoint(latitude, longitude));
    }
}
