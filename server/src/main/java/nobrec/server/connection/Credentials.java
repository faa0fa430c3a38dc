package nobrec.server.connection;

import java.nio.charset.StandardCharsets;
import java.util.Base64;

/** How we sign in to a system outside. Never shown, logged or handed to the browser. */
public record Credentials(String userName, String secret) {

    /** The value of the header {@code Authorization} (RFC 7617 with a user name, RFC 6750 without one). */
    public String authorization() {
        return userName.isEmpty()
                ? "Bearer " + secret
                : "Basic "
                        + Base64.getEncoder()
                                .encodeToString((userName + ":" + secret).getBytes(StandardCharsets.UTF_8));
    }

    @Override
    public String toString() {
        return "credentials of " + (userName.isEmpty() ? "no user name" : userName);
    }
}
