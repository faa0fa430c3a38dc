package nobrec.standins.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Records by key, kept in one file, a line of JSON for each change. */
public final class RecordStore {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String KEY = "key";
    private static final String RECORD = "record";

    private final Path file;
    private final Map<String, Map<String, Object>> records;

    public RecordStore(Path file) {
        this.file = file;
        this.records = read(file);
    }

    public synchronized Optional<Map<String, Object>> find(String key) {
        return Optional.ofNullable(records.get(key));
    }

    /** The newest last. */
    public synchronized List<Map<String, Object>> all() {
        return List.copyOf(records.values());
    }

    public synchronized int size() {
        return records.size();
    }

    public synchronized void put(String key, Map<String, Object> record) {
        append(key, record);
        records.put(key, record);
    }

    /** The record with that key, made now when there is none: asked twice, it is made once. */
    public synchronized Map<String, Object> once(String key, Supplier<Map<String, Object>> make) {
        if (key.isBlank()) {
            throw new IllegalArgumentException("The request has no Idempotency-Key.");
        }
        Map<String, Object> there = records.get(key);
        if (there != null) {
            return there;
        }
        Map<String, Object> made = make.get();
        put(key, made);
        return made;
    }

    /** A line that was cut off while it was written is the last one, and says nothing. */
    private static Map<String, Map<String, Object>> read(Path file) {
        Map<String, Map<String, Object>> records = new LinkedHashMap<>();
        try {
            Files.createDirectories(file.getParent());
            if (Files.exists(file)) {
                for (String line : Files.readAllLines(file)) {
                    take(line, records);
                }
            }
            return records;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** A change; or all records at once, as they were kept before. */
    private static void take(String line, Map<String, Map<String, Object>> records) {
        if (line.isBlank()) {
            return;
        }
        try {
            JsonNode node = JSON.readTree(line);
            if (node.path(KEY).isString() && node.path(RECORD).isObject()) {
                records.put(node.path(KEY).asString(), record(node.path(RECORD)));
            } else {
                node.properties().forEach(each -> records.put(each.getKey(), record(each.getValue())));
            }
        } catch (JacksonException cutOff) {
            // Nobody was told of what this line would have said: it is written before the answer is given.
        }
    }

    private static Map<String, Object> record(JsonNode node) {
        return JSON.convertValue(node, new TypeReference<LinkedHashMap<String, Object>>() {});
    }

    /** Each change is a line of its own, so that it costs the same however many there were; the last one of a key counts. */
    private void append(String key, Map<String, Object> record) {
        try {
            Files.writeString(
                    file,
                    "\n" + JSON.writeValueAsString(Map.of(KEY, key, RECORD, record)),
                    StandardOpenOption.CREATE,
                    StandardOpenOption.APPEND);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
