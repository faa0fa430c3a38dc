package nobrec.server.workorder.list;

import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Optional;
import nobrec.core.refusal.Refusal;

/**
 * Where a part of a list ended: what is added or shipped meanwhile moves nothing.
 *
 * @param value by which the list is sorted, of the last job
 */
record JobCursor(String value, long id) {

    /** As the next part is asked for. */
    String text() {
        return Base64.getUrlEncoder()
                .withoutPadding()
                .encodeToString((id + ":" + value).getBytes(StandardCharsets.UTF_8));
    }

    static Optional<JobCursor> read(String text) {
        if (text.isEmpty()) {
            return Optional.empty();
        }
        try {
            String plain = new String(Base64.getUrlDecoder().decode(text), StandardCharsets.UTF_8);
            int colon = plain.indexOf(':');
            return Optional.of(
                    new JobCursor(plain.substring(colon + 1), Long.parseLong(plain.substring(0, Math.max(colon, 0)))));
        } catch (IllegalArgumentException unreadable) {
            throw Refusal.unusable("The cursor", "It is none that this list gave.", "Load the list again.");
        }
    }
}
