package nobrec.server.api.security;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;

/** Whose badge was scanned at the desk from which a request comes. */
public final class BadgeOfDesk {

    /** In the session: whose badge it is; in a request: who has signed in at the desk. */
    static final String ATTRIBUTE = "nobrec.badge";

    private BadgeOfDesk() {}

    /** Her acts follow. */
    public static void take(HttpServletRequest request, String signIn) {
        request.getSession().setAttribute(ATTRIBUTE, signIn);
    }

    /** Whoever has signed in acts again. */
    public static void giveBack(HttpServletRequest request) {
        request.getSession().removeAttribute(ATTRIBUTE);
    }

    /** Who has signed in at the desk, while somebody else's badge counts. */
    public static Optional<String> signedInAt(HttpServletRequest request) {
        return request.getAttribute(ATTRIBUTE) instanceof String signIn ? Optional.of(signIn) : Optional.empty();
    }
}
