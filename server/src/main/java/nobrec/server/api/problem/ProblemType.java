package nobrec.server.api.problem;

import java.net.URI;
import java.util.Arrays;
import java.util.Locale;
import org.springframework.http.HttpStatus;

/**
 * What a program can tell refusals apart by. The names stay as they are within a version of the API; the sentences beside
 * them are for people and may change.
 */
public enum ProblemType {
    MALFORMED(HttpStatus.BAD_REQUEST, "The request cannot be read; the same again will not be read either."),
    NOT_SIGNED_IN(HttpStatus.UNAUTHORIZED, "Nobody is signed in, or name and password do not go together."),
    NOT_ALLOWED(HttpStatus.FORBIDDEN, "Whoever is signed in may not do this."),
    NOT_FOUND(HttpStatus.NOT_FOUND, "There is no such record or address."),
    NOT_ARRIVED(HttpStatus.REQUEST_TIMEOUT, "The request did not arrive whole in time."),
    CONFLICT(HttpStatus.CONFLICT, "The record is in a state in which this cannot be done."),
    CHANGED_SINCE(HttpStatus.CONFLICT, "What was agreed to is no longer so: read it again, then decide."),
    TOO_LARGE(HttpStatus.CONTENT_TOO_LARGE, "More was sent than is taken at once."),
    UNUSABLE(HttpStatus.UNPROCESSABLE_CONTENT, "What was entered cannot be used."),
    TOO_MANY_TRIES(HttpStatus.TOO_MANY_REQUESTS, "Wait before the next try."),
    FAILED(HttpStatus.INTERNAL_SERVER_ERROR, "Something went wrong here; the server's log says more."),
    OUTSIDE(HttpStatus.BAD_GATEWAY, "A device or system outside does not answer as it should."),
    UNAVAILABLE(HttpStatus.SERVICE_UNAVAILABLE, "The database is away, or too much is asked at once: try again.");

    /** Where the types are listed. */
    public static final String ADDRESS = "/api/v1/problems";

    private final HttpStatus status;
    private final String meaning;

    ProblemType(HttpStatus status, String meaning) {
        this.status = status;
        this.meaning = meaning;
    }

    /** The type of what is told by its status alone; what has none of its own is a malformed request or a failure. */
    static ProblemType of(HttpStatus status) {
        return Arrays.stream(values())
                .filter(type -> type.status == status)
                .findFirst()
                .orElse(status.is5xxServerError() ? FAILED : MALFORMED);
    }

    public HttpStatus status() {
        return status;
    }

    public String meaning() {
        return meaning;
    }

    /** As it stands in an address: {@code changed-since}. */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** As it stands in a problem's {@code type} (RFC 9457). */
    URI uri() {
        return URI.create(ADDRESS + "/" + code());
    }
}
