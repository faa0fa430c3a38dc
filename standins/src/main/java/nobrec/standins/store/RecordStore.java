package nobrec.standins.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Records by key, kept in one JSON file that is replaced whole at each change. */
public final class RecordStore {

    private static final JsonMapper JSON = JsonMapper.builder().build();

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
        records.put(key, record);
        write();
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

    private static Map<String, Map<String, Object>> read(Path file) {
        try {
            Files.createDirectories(file.getParent());
            if (!Files.exists(file)) {
                return new LinkedHashMap<>();
            }
            return JSON.readValue(
                    Files.readString(file), new TypeReference<LinkedHashMap<String, Map<String, Object>>>() {});
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private void write() {
        Path fresh = file.resolveSibling(file.getFileName() + ".new");
        try {
            Files.writeString(fresh, JSON.writeValueAsString(records));
            Files.move(fresh, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
