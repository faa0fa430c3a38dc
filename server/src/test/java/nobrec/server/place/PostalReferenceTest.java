package nobrec.server.place;

import static org.assertj.core.api.Assertions.assertThat;

import nobrec.core.address.PostalAddress;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

class PostalReferenceTest extends ServerTest {

    @Autowired
    private PostalReference postal;

    /** Pairs everybody knows (from memory), against GeoNames' data (CC BY 4.0). */
    @ParameterizedTest
    @CsvSource({
        "98101, Seattle, WA",
        "10001, New York, NY",
        "60601, Chicago, IL",
        "85701, Tucson, AZ",
        "61101-4402, Rockford, IL"
    })
    void codeCityAndStateAgree(String code, String city, String state) {
        assertThat(postal.check(new PostalAddress("Works", "", "1 Road", "", city, state, code, "US")))
                .isEmpty();
    }

    @Test
    void areasLieWhereTheyShould() {
        double miles = postal.areaOf("61101")
                .orElseThrow()
                .center()
                .milesTo(postal.areaOf("60601").orElseThrow().center());
        assertThat(miles).isBetween(60.0, 100.0);
        assertThat(postal.areaOf("00000")).isEmpty();
        assertThat(postal.areaOf("")).isEmpty();
    }
}
