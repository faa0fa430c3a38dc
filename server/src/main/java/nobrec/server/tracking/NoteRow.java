package nobrec.server.tracking;

import java.time.Instant;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/** A row of table track_note. */
record NoteRow(
        long id,
        long trackId,
        NoteKind kind,
        String text,
        @Nullable Money amount,
        String madeBy,
        Instant madeAt) {}
