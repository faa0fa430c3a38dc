package nobrec.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Each table is named only in the mappers of its own room: whoever needs what is in it asks that room. */
class TablesTest {

    private static final Path MAPPERS = Path.of("src/main/resources/nobrec/server");
    private static final Path MIGRATIONS = Path.of("src/main/resources/db/migration");
    private static final Pattern MADE = Pattern.compile("CREATE TABLE (?:IF NOT EXISTS )?([a-z_]+)");
    private static final Pattern RENAMED = Pattern.compile("RENAME TABLE IF EXISTS [a-z_]+ TO ([a-z_]+)");
    private static final Pattern NAMED = Pattern.compile("(?:FROM|JOIN|INTO|UPDATE)\\s+([a-z_]+)");

    private static String text(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException failed) {
            throw new AssertionError(file.toString(), failed);
        }
    }

    private static Set<String> tables() throws IOException {
        Set<String> tables = new TreeSet<>();
        try (Stream<Path> files = Files.list(MIGRATIONS)) {
            for (Path file : files.toList()) {
                for (Pattern pattern : List.of(MADE, RENAMED)) {
                    pattern.matcher(text(file)).results().forEach(found -> tables.add(found.group(1)));
                }
            }
        }
        return tables;
    }

    private static Map<String, Set<String>> roomsByTable() throws IOException {
        Set<String> tables = tables();
        Map<String, Set<String>> rooms = new TreeMap<>();
        try (Stream<Path> files = Files.walk(MAPPERS)) {
            for (Path file :
                    files.filter(each -> each.toString().endsWith(".xml")).toList()) {
                String room = MAPPERS.relativize(file).getName(0).toString();
                Matcher named = NAMED.matcher(text(file));
                while (named.find()) {
                    if (tables.contains(named.group(1))) {
                        rooms.computeIfAbsent(named.group(1), table -> new TreeSet<>())
                                .add(room);
                    }
                }
            }
        }
        return rooms;
    }

    @Test
    void eachTableIsNamedInOneRoomOnly() throws IOException {
        assertThat(roomsByTable())
                .hasSizeGreaterThan(20)
                .allSatisfy((table, rooms) -> assertThat(rooms).as(table).hasSize(1));
    }
}
