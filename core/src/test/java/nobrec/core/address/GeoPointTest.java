package nobrec.core.address;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class GeoPointTest {

    /** Source: published airport distances (from memory), 3,974 to 3,983 km; 0.3 % for the sphere. */
    @Test
    void newYorkToLosAngeles() {
        GeoPoint newYork = new GeoPoint(40.6413, -73.7781);
        GeoPoint losAngeles = new GeoPoint(33.9416, -118.4085);
        assertThat(newYork.kilometresTo(losAngeles)).isBetween(3_974 * 0.997, 3_983 * 1.003);
        assertThat(losAngeles.kilometresTo(newYork)).isEqualTo(newYork.kilometresTo(losAngeles));
    }

    /** Four codes on one island and one on another: the center lies on the first, not in the ocean between. */
    @Test
    void theCenterOfAnAreaIsOneOfItsPlaces() {
        List<GeoPoint> codes = List.of(
                new GeoPoint(13.40, 144.70),
                new GeoPoint(13.45, 144.75),
                new GeoPoint(13.47, 144.78),
                new GeoPoint(13.50, 144.80),
                new GeoPoint(7.10, 171.40));
        assertThat(PostalArea.around("969", codes).center()).isEqualTo(codes.get(2));
        assertThat(PostalArea.codeOf("61101-2233")).isEqualTo("611");
    }
}
