package nobrec.server.source;

import java.time.Instant;
import java.util.List;
import java.util.Map;

/**
 * A record as a system outside tells it, before anything of it is read.
 *
 * @param number empty text where it has none
 * @param status a word of that system; empty text where it has none
 * @param changed when it was changed there last
 * @param cancelled why it was cancelled there; empty text where it was not
 * @param fields what is said of the whole order, by the name of the field there
 * @param lines the same for each line
 */
public record SourceRecord(
        String number,
        String status,
        Instant changed,
        String cancelled,
        Map<String, String> fields,
        List<Map<String, String>> lines) {}
