package nobrec.server.api.problem;

import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** Our one form of a refusal: problem details (RFC 9457) with thing, reason (detail) and remedy. */
public final class Problems {

    private Problems() {}

    public static ProblemDetail of(HttpStatus status, String thing, String reason, String remedy) {
        return of(ProblemType.of(status), status, thing, reason, remedy);
    }

    static ProblemDetail of(ProblemType type, HttpStatus status, String thing, String reason, String remedy) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, reason);
        problem.setType(type.uri());
        problem.setTitle(thing);
        problem.setProperty("thing", thing);
        problem.setProperty("remedy", remedy);
        return problem;
    }
}
