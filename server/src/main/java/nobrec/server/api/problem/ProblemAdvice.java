package nobrec.server.api.problem;

import jakarta.servlet.http.HttpServletRequest;
import nobrec.core.refusal.Refusal;
import org.apache.tomcat.util.http.fileupload.impl.FileSizeLimitExceededException;
import org.apache.tomcat.util.http.fileupload.impl.SizeLimitExceededException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** Says refusals as problem details (RFC 9457) with thing, reason (detail) and remedy. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class ProblemAdvice {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    @ExceptionHandler
    ProblemDetail refused(Refusal refusal) {
        ProblemType type = switch (refusal.kind()) {
            case UNUSABLE -> ProblemType.UNUSABLE;
            case NOT_FOUND -> ProblemType.NOT_FOUND;
            case CONFLICT -> ProblemType.CONFLICT;
            case CHANGED_SINCE -> ProblemType.CHANGED_SINCE;
            case OUTSIDE -> ProblemType.OUTSIDE;
        };
        return Problems.of(type, type.status(), refusal.thing(), refusal.reason(), refusal.remedy());
    }

    @ExceptionHandler
    ProblemDetail invalid(MethodArgumentNotValidException invalid) {
        String fields = String.join(
                "; ",
                invalid.getBindingResult().getFieldErrors().stream()
                        .map(error -> error.getField() + " " + error.getDefaultMessage())
                        .toList());
        return Problems.of(
                HttpStatus.UNPROCESSABLE_CONTENT, "What was entered", fields + ".", "Correct it and send again.");
    }

    @ExceptionHandler
    ProblemDetail invalid(HandlerMethodValidationException invalid) {
        String fields = String.join(
                "; ",
                invalid.getParameterValidationResults().stream()
                        .map(each -> each.getMethodParameter().getParameterName() + " "
                                + each.getResolvableErrors().get(0).getDefaultMessage())
                        .toList());
        return Problems.of(
                HttpStatus.UNPROCESSABLE_CONTENT, "What was entered", fields + ".", "Correct it and send again.");
    }

    /** Somebody kept the same at the same moment. */
    @ExceptionHandler
    ProblemDetail doubled(DuplicateKeyException doubled) {
        LOG.info("It is there already: {}", doubled.getMessage());
        return Problems.of(
                HttpStatus.CONFLICT,
                "This record",
                "Somebody entered the same at the same moment.",
                "Look at it; enter it again if it is not what you meant.");
    }

    /** The last door: what no rule refused and the database cannot hold. */
    @ExceptionHandler
    ProblemDetail notHeld(DataIntegrityViolationException refused) {
        LOG.warn("The database does not hold what was sent: {}", refused.getMessage());
        return Problems.of(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "What was entered",
                "It is too long, too great, or does not go with what is kept.",
                "Shorten or correct it and send again.");
    }

    /** Too many bytes in all, or a head of a part, which holds the file's name, that is too long. */
    @ExceptionHandler
    ProblemDetail notTaken(MultipartException refused) {
        for (Throwable each = refused; each != null; each = each.getCause()) {
            if (each instanceof FileSizeLimitExceededException || each instanceof SizeLimitExceededException) {
                return Problems.of(
                        HttpStatus.CONTENT_TOO_LARGE,
                        "The file",
                        "It is larger than 10 MB.",
                        "Split it and drop the parts.");
            }
        }
        LOG.info("A file was not taken: {}", refused.getMessage());
        return Problems.of(
                HttpStatus.BAD_REQUEST,
                "The file",
                "It did not arrive whole, or its name is too long.",
                "Give it a short name and drop it again.");
    }

    @ExceptionHandler
    ProblemDetail denied(AccessDeniedException denied) {
        return Problems.of(
                HttpStatus.FORBIDDEN, "Your role", "It does not include this.", "Ask the administrator for it.");
    }

    @ExceptionHandler
    ProblemDetail wrongKind(TypeMismatchException wrong) {
        return Problems.of(
                HttpStatus.BAD_REQUEST,
                "This request",
                "“" + wrong.getValue() + "” is not what is expected there.",
                "Reload the page and try again.");
    }

    /** What was sent is no JSON of the expected shape, or has a word in it that is not known there. */
    @ExceptionHandler
    ProblemDetail unreadable(HttpMessageNotReadableException unreadable) {
        LOG.debug("A request did not read: {}", unreadable.getMessage());
        return Problems.of(
                HttpStatus.BAD_REQUEST,
                "This request",
                "What was sent does not read as what is expected there.",
                "Reload the page and try again.");
    }

    /** The browser left before the answer was written: there is nobody to tell. */
    @ExceptionHandler
    void callerGone(AsyncRequestNotUsableException gone) {
        LOG.debug("A caller did not wait: {}", gone.getMessage());
    }

    /** Two changed the same at one moment, and once more at the second try. */
    @ExceptionHandler
    ProblemDetail atTheSameMoment(PessimisticLockingFailureException conflict) {
        LOG.info("Two stood in each other's way: {}", conflict.getMessage());
        return Problems.of(
                HttpStatus.CONFLICT,
                "This record",
                "Somebody else changed it at the same moment; nothing of yours was kept.",
                "Look at it again, then repeat what you did.");
    }

    /** An address typed or kept that leads nowhere: the page says so; a program is told in its own form. */
    @ExceptionHandler
    Object nothingThere(NoResourceFoundException nothing, HttpServletRequest request) {
        String accepted = request.getHeader(HttpHeaders.ACCEPT);
        if (!request.getRequestURI().startsWith("/api/") && accepted != null && accepted.contains("text/html")) {
            ModelAndView page = new ModelAndView("forward:/index.html");
            page.setStatus(HttpStatus.NOT_FOUND);
            return page;
        }
        return ResponseEntity.status(HttpStatus.NOT_FOUND)
                .body(Problems.of(
                        HttpStatus.NOT_FOUND,
                        "This address",
                        "There is nothing here.",
                        "Go back to the page you came from."));
    }

    @ExceptionHandler(Exception.class)
    ProblemDetail unexpected(Exception failed) {
        if (failed instanceof ErrorResponse response) {
            return notUnderstood(response);
        }
        if (DatabaseAway.isMeantBy(failed)) {
            LOG.error("The database does not answer: {}", failed.getMessage());
            return DatabaseAway.problem();
        }
        LOG.error("A request failed", failed);
        return Problems.of(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Nobrec",
                "Something went wrong here.",
                "Look at what is shown now, then try again; if it stays, ask the administrator to look at the server's"
                        + " log.");
    }

    /** The framework itself refused: a wrong address, method or form of what was sent. */
    private static ProblemDetail notUnderstood(ErrorResponse response) {
        String detail = response.getBody().getDetail();
        return Problems.of(
                HttpStatus.valueOf(response.getStatusCode().value()),
                "This request",
                detail == null ? "It was not understood." : detail,
                "Reload the page and try again.");
    }
}
