package nobrec.server.api.request;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Locale;
import java.util.concurrent.Semaphore;
import nobrec.server.api.problem.DatabaseAway;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.session.web.http.SessionRepositoryFilter;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** The outermost door: which host is meant, how much may be sent and how slowly, and our form for what fails in a filter. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestLimits extends OncePerRequestFilter {

    private static final Logger LOG = LoggerFactory.getLogger(RequestLimits.class);
    private static final int SIGN_IN_LIMIT = 4_096;
    private static final int FORM_LIMIT = 65_536;

    /** What the session's filter looks for to know that it has done its work: pages and health need no session. */
    private static final String OUTSIDE_THE_SESSION = SessionRepositoryFilter.class.getName() + ".FILTERED";

    private static final int FILE_TIME_FACTOR = 6;

    private final RequestSettings settings;
    private final ProblemWriter problems;
    private final Semaphore signIns;

    RequestLimits(RequestSettings settings, ProblemWriter problems) {
        this.settings = settings;
        this.problems = problems;
        this.signIns = new Semaphore(settings.signInsAtOnce());
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!request.getRequestURI().startsWith("/api/")) {
            request.setAttribute(OUTSIDE_THE_SESSION, true);
        }
        if (!settings.hosts().contains(request.getServerName().toLowerCase(Locale.ROOT))) {
            problems.write(
                    response,
                    HttpStatus.BAD_REQUEST,
                    "This address",
                    "Nobrec is not reached under that name here.",
                    "Use the address the administrator gave you, or have the name added to nobrec.requests.hosts.");
        } else if (request.getContentLengthLong() > limit(request)) {
            problems.write(
                    response,
                    HttpStatus.CONTENT_TOO_LARGE,
                    isFile(request) ? "The file" : "This request",
                    "It is larger than " + limit(request) / 1024 + " KB.",
                    isFile(request) ? "Split it and drop the parts." : "Send less at once.");
        } else if (request.getRequestURI().equals(RequestSettings.SIGN_IN)) {
            signIn(request, response, chain);
        } else if (isFormOfPage(request)) {
            form(request, response, chain, "This form");
        } else {
            pass(request, response, chain);
        }
    }

    /** So many at once and no more: their bodies are read before anybody is known. */
    private void signIn(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!signIns.tryAcquire()) {
            response.setHeader("Retry-After", "5");
            problems.write(
                    response,
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "Signing in",
                    "Too many try at this moment.",
                    "Try again in a few seconds.");
            return;
        }
        try {
            form(request, response, chain, "Signing in");
        } finally {
            signIns.release();
        }
    }

    private void form(HttpServletRequest request, HttpServletResponse response, FilterChain chain, String thing)
            throws ServletException, IOException {
        FormRequest form = read(request);
        if (form == null) {
            problems.write(
                    response, HttpStatus.REQUEST_TIMEOUT, thing, "What was typed did not arrive whole.", "Try again.");
        } else {
            pass(form, response, chain);
        }
    }

    /** Pages that work without script send what was typed so. */
    private static boolean isFormOfPage(HttpServletRequest request) {
        return request.getMethod().equals("POST") && !request.getRequestURI().startsWith("/api/");
    }

    /** The form that was sent; null when it did not arrive whole, or is none. */
    private @Nullable FormRequest read(HttpServletRequest request) {
        try {
            return new FormRequest(request, (int) limit(request), settings.bodyTime());
        } catch (IOException | IllegalArgumentException notTaken) {
            LOG.debug("A form did not arrive: {}", notTaken.getMessage());
            return null;
        }
    }

    private void pass(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(new Limited(request, limit(request), time(request)), response);
        } catch (ServletException | RuntimeException failed) {
            if (!DatabaseAway.isMeantBy(failed)) {
                throw failed;
            }
            LOG.error("The database does not answer: {}", failed.getMessage());
            problems.write(response, DatabaseAway.problem());
        }
    }

    private long limit(HttpServletRequest request) {
        if (request.getRequestURI().equals(RequestSettings.SIGN_IN)) {
            return SIGN_IN_LIMIT;
        }
        if (isFormOfPage(request)) {
            return FORM_LIMIT;
        }
        return (isFile(request) ? settings.fileLimit() : settings.bodyLimit()).toBytes();
    }

    private Duration time(HttpServletRequest request) {
        return isFile(request) ? settings.bodyTime().multipliedBy(FILE_TIME_FACTOR) : settings.bodyTime();
    }

    private static boolean isFile(HttpServletRequest request) {
        String type = request.getContentType();
        return type != null && type.toLowerCase(Locale.ROOT).startsWith(MediaType.MULTIPART_FORM_DATA_VALUE);
    }

    private static final class Limited extends HttpServletRequestWrapper {

        private final long limit;
        private final Duration time;
        private @Nullable ServletInputStream body;

        Limited(HttpServletRequest request, long limit, Duration time) {
            super(request);
            this.limit = limit;
            this.time = time;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            if (body == null) {
                body = new TimedBody(super.getInputStream(), limit, time);
            }
            return body;
        }
    }
}
