package nobrec.standins.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Records that a system holds; each knows when it was changed last. Changes are kept until the stand-in ends. */
public final class SourceRecords {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final List<ObjectNode> records = new ArrayList<>();
    private Instant latest = Instant.EPOCH;

    private SourceRecords() {}

    /** Those in a file; none when there is no such file. */
    public static SourceRecords read(Path file) {
        SourceRecords read = new SourceRecords();
        if (Files.exists(file)) {
            try {
                JSON.readTree(Files.readString(file)).path("records").forEach(each -> read.add((ObjectNode) each));
            } catch (IOException failed) {
                throw new UncheckedIOException("Cannot read the records: " + file, failed);
            }
        }
        return read;
    }

    /** Adds a record as it is, even one that is not as it should be. */
    public synchronized void add(ObjectNode record) {
        records.add(record);
    }

    /** Those changed within a window, in the order in which they were changed. */
    public synchronized List<ObjectNode> changed(Instant from, Instant until) {
        latest = latest.isBefore(until) ? until : latest;
        return records.stream()
                .filter(each -> !changed(each).isBefore(from) && changed(each).isBefore(until))
                .sorted(Comparator.comparing(SourceRecords::changed))
                .map(ObjectNode::deepCopy)
                .toList();
    }

    private static Instant changed(JsonNode record) {
        return Instant.parse(record.path("changed").asString("1970-01-01T00:00:00Z"));
    }

    public synchronized boolean has(String number) {
        return find(number).isPresent();
    }

    /** Changes a field of a record, or the record itself by the names {@code status} and {@code cancelled}. */
    public synchronized void change(String number, String field, String value) {
        ObjectNode record = find(number)
                .orElseThrow(() -> new IllegalArgumentException("Record " + number + " is not known here."));
        if (field.equals("status") || field.equals("cancelled")) {
            record.put(field, value);
        } else {
            record.withObject("/fields").put(field, value);
        }
        // Its clock is that of whoever asks.
        record.put("changed", latest.minusMillis(1).toString());
    }

    private Optional<ObjectNode> find(String number) {
        return records.stream()
                .filter(each -> each.path("number").asString("").equals(number))
                .findFirst();
    }

    public synchronized List<ObjectNode> all() {
        return List.copyOf(records);
    }

    public synchronized void clear() {
        records.clear();
    }
}
