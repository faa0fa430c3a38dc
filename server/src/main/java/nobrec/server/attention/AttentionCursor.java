package nobrec.server.attention;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import nobrec.core.readiness.AttentionKind;
import nobrec.core.refusal.Refusal;
import nobrec.server.workorder.list.AttentionRow;

/** A place in the list, as its address keeps it. */
final class AttentionCursor {

    private static final int PARTS = 3;

    private AttentionCursor() {}

    static String write(AttentionRow row) {
        return row.promised() + "_" + row.workOrderId() + "_" + row.kind();
    }

    static Optional<AttentionRow> read(String text) {
        if (text.isEmpty()) {
            return Optional.empty();
        }
        String[] parts = text.split("_");
        try {
            if (parts.length == PARTS) {
                return Optional.of(new AttentionRow(
                        Long.parseLong(parts[1]), AttentionKind.valueOf(parts[2]), LocalDate.parse(parts[0])));
            }
        } catch (DateTimeParseException | IllegalArgumentException nonsense) {
            // Said below, as for any other that is no cursor.
        }
        throw Refusal.unusable("The cursor", "It is none of this list.", "Begin the list again.");
    }
}
