package nobrec.server.api.security;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Locale;
import java.util.Optional;

/** Slows down guessing. Each try is counted before the password is looked at. */
public interface SignInGate {

    /** How a name is spelled, however it was typed; a text that is nobody's name stays as it is. */
    static String spelled(String typed) {
        return typed == null ? "" : typed.strip().toLowerCase(Locale.ROOT);
    }

    /** How long to wait before this try may be made; empty when it may be made now, and then it is counted. */
    Optional<Duration> mustWait(String name, HttpServletRequest request);

    /** The password was right: what was counted is forgotten, and the device is remembered. */
    void succeeded(String name, HttpServletRequest request, HttpServletResponse response);
}
