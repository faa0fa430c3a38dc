package nobrec.server.platform.problem;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.multipart.MaxUploadSizeExceededException;

/** Says refusals as problem details (RFC 9457) with thing, reason (detail) and cure. */
@RestControllerAdvice
class ProblemAdvice {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    @ExceptionHandler
    ProblemDetail refused(Refusal refusal) {
        return problem(refusal.status(), refusal.thing(), refusal.getMessage(), refusal.cure());
    }

    @ExceptionHandler
    ProblemDetail invalid(MethodArgumentNotValidException invalid) {
        String fields = String.join(
                "; ",
                invalid.getBindingResult().getFieldErrors().stream()
                        .map(error -> error.getField() + " " + error.getDefaultMessage())
                        .toList());
        return problem(
                HttpStatus.UNPROCESSABLE_CONTENT, "What was entered", fields + ".", "Correct it and send again.");
    }

    @ExceptionHandler
    ProblemDetail tooLarge(MaxUploadSizeExceededException tooLarge) {
        return problem(
                HttpStatus.CONTENT_TOO_LARGE, "The file", "It is larger than 10 MB.", "Split it and drop the parts.");
    }

    @ExceptionHandler
    ProblemDetail denied(AccessDeniedException denied) {
        return problem(HttpStatus.FORBIDDEN, "Your role", "It does not include this.", "Ask the administrator for it.");
    }

    @ExceptionHandler(Exception.class)
    ProblemDetail unexpected(Exception failed) throws Exception {
        if (failed instanceof org.springframework.web.ErrorResponse) {
            throw failed;
        }
        LOG.error("A request failed", failed);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Nobrec",
                "Something went wrong here; nothing was changed by this request.",
                "Try again; if it stays, ask the administrator to look at the server's log.");
    }

    private static ProblemDetail problem(HttpStatus status, String thing, String reason, String cure) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, reason);
        problem.setTitle(thing);
        problem.setProperty("thing", thing);
        problem.setProperty("cure", cure);
        return problem;
    }
}
