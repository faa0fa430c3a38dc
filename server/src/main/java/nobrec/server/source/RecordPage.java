package nobrec.server.source;

import java.util.List;
import java.util.Optional;

/**
 * Some records of a window of time.
 *
 * @param next the cursor of the page after this one; empty when it is the last
 * @param total how many the window has, where the system says so
 * @param remarks what was odd about the answer, for people
 */
public record RecordPage(
        List<SourceRecord> records, Optional<String> next, Optional<Integer> total, List<String> remarks) {}
