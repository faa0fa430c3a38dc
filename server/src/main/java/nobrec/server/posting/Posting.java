package nobrec.server.posting;

import java.time.Instant;

/** One write-back to one place. A row of table posting; {@code doneAt} is null until it is done. */
public record Posting(
        long id,
        String postingKey,
        long shipmentId,
        String job,
        PostingTarget target,
        String summary,
        String address,
        String request,
        PostingState state,
        int attempts,
        Instant nextTryAt,
        String answer,
        Instant madeAt,
        Instant doneAt) {}
