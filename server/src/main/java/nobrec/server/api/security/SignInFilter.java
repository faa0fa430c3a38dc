package nobrec.server.api.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Optional;
import nobrec.server.api.request.ProblemWriter;
import nobrec.server.api.request.RequestSettings;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/** Stands before the sign-in and lets a try through when its time has come. */
class SignInFilter extends OncePerRequestFilter {

    private final SignInGate gate;
    private final ProblemWriter problems;

    SignInFilter(SignInGate gate, ProblemWriter problems) {
        this.gate = gate;
        this.problems = problems;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().equals(RequestSettings.SIGN_IN);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Optional<Duration> wait = gate.mustWait(request.getParameter("username"), request);
        if (wait.isEmpty()) {
            chain.doFilter(request, response);
            return;
        }
        long seconds = wait.get().plusMillis(999).toSeconds();
        response.setHeader("Retry-After", Long.toString(seconds));
        problems.write(
                response,
                HttpStatus.TOO_MANY_REQUESTS,
                "Signing in",
                "There were too many wrong passwords.",
                "Try again in " + seconds + " s.");
    }
}
