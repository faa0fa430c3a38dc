package nobrec.server.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class FindTest extends ServerTest {

    @ParameterizedTest
    @CsvSource({
        "departures, /departures",
        "Postings, /postings",
        "2401, /bench?job=2401",
        "' 2401 ', /bench?job=2401",
    })
    void understandsSectionsAndWorkOrders(String text, String address) {
        assertThat(get("/api/v1/find?text=" + text).path("address").asString()).isEqualTo(address);
    }

    @Test
    void understandsTrackingNumbersHoweverTheyAreTyped() {
        String tracking = json(ship(weighedJob("T-31", "Plover Ground")))
                .path("packages")
                .get(0)
                .path("trackingNumber")
                .asString();
        assertThat(get("/api/v1/find?text=" + tracking.toLowerCase(Locale.ROOT))
                        .path("address")
                        .asString())
                .isEqualTo("/bench?job=T-31");
    }

    @Test
    void saysSoWhenNothingIsExactlyThat() {
        JsonNode nothing = get("/api/v1/find?text=quill");
        assertThat(nothing.has("address")).isFalse();
        assertThat(nothing.path("said").asString()).contains("“quill”");
    }
}
