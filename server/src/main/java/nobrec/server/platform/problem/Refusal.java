package nobrec.server.platform.problem;

import org.springframework.http.HttpStatus;

/** Something asked for is not done. It names the thing, the reason and the cure, in the words a person reads. */
public class Refusal extends RuntimeException {

    private final HttpStatus status;
    private final String thing;
    private final String cure;

    private Refusal(HttpStatus status, String thing, String reason, String cure) {
        super(reason);
        this.status = status;
        this.thing = thing;
        this.cure = cure;
    }

    /** What was sent cannot be used. */
    public static Refusal unusable(String thing, String reason, String cure) {
        return new Refusal(HttpStatus.UNPROCESSABLE_CONTENT, thing, reason, cure);
    }

    /** There is no such thing. */
    public static Refusal notFound(String thing, String cure) {
        return new Refusal(HttpStatus.NOT_FOUND, thing, "There is no such record.", cure);
    }

    /** The thing is in a state in which this cannot be done. */
    public static Refusal conflict(String thing, String reason, String cure) {
        return new Refusal(HttpStatus.CONFLICT, thing, reason, cure);
    }

    /** A device or a service outside does not answer. */
    public static Refusal outside(String thing, String reason, String cure) {
        return new Refusal(HttpStatus.BAD_GATEWAY, thing, reason, cure);
    }

    HttpStatus status() {
        return status;
    }

    public String thing() {
        return thing;
    }

    public String cure() {
        return cure;
    }
}
