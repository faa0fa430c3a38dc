package nobrec.server.document.kept;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A row of table paper_design.
 *
 * @param version changes with each change, so that two people do not undo each other's
 * @param failure why it was last printed by the template that is always there; empty text where it was not
 */
public record PaperDesignRow(
        long id,
        String name,
        int version,
        String definition,
        boolean withdrawn,
        String failure,
        @Nullable Instant failedAt,
        String changedBy) {}
