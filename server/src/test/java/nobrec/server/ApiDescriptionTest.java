package nobrec.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** The committed description is that of the running API, so that the front end's types are. */
class ApiDescriptionTest extends ServerTest {

    @Test
    void isTheCommittedOne() throws IOException {
        var now = get("/api/v1/description");
        Path fresh = Files.writeString(
                Path.of("target/openapi.json"),
                JSON.writerWithDefaultPrettyPrinter().writeValueAsString(now));
        assertThat(now)
                .as("If the change is meant, copy %s to docs/openapi.json", fresh)
                .isEqualTo(JSON.readTree(Files.readString(Path.of("../docs/openapi.json"))));
    }
}
