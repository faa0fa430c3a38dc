package nobrec.server.platform.problem;

import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** Our one form of a refusal: problem details (RFC 9457) with thing, reason (detail) and cure. */
public final class Problems {

    private Problems() {}

    public static ProblemDetail of(HttpStatus status, String thing, String reason, String cure) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, reason);
        problem.setTitle(thing);
        problem.setProperty("thing", thing);
        problem.setProperty("cure", cure);
        return problem;
    }
}
