package nobrec.core.service;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ZoneTest {

    /** Source: US Domestic Mail Manual 608 (from memory): 50, 150, 300, 600, 1000, 1400, 1800 miles. */
    @ParameterizedTest
    @CsvSource({
        "0, 1", "50, 1", "50.2, 2", "150, 2", "151, 3", "300, 3", "301, 4", "600, 4", "601, 5", "1000, 5", "1001, 6",
        "1400, 6", "1401, 7", "1800, 7", "1801, 8", "5000, 8"
    })
    void reach(double miles, int zone) {
        assertThat(Zone.ofMiles(miles).number()).isEqualTo(zone);
    }
}
