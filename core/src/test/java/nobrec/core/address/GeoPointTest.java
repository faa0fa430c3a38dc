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

    @Test
    void theCentreOfAnAreaIsTheMeanOfItsCodes() {
        PostalArea area = PostalArea.around("611", List.of(new GeoPoint(42, -89), new GeoPoint(43, -88)));
        assertThat(area.centre()).isEqualTo(new GeoPoint(42.5, -88.5));
        assertThat(PostalArea.codeOf("61101-2233")).isEqualTo("611");
    }
}
