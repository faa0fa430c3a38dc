package nobrec.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** SQL parameters are bound, never pasted. */
class BoundSqlTest {

    @Test
    void noMapperPastesAParameter() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src/main/resources/nobrec"))) {
            List<Path> mappers =
                    files.filter(file -> file.toString().endsWith(".xml")).toList();
            assertThat(mappers).hasSizeGreaterThan(8);
            for (Path mapper : mappers) {
                assertThat(Files.readString(mapper)).as(mapper.toString()).doesNotContain("${");
            }
        }
    }
}
