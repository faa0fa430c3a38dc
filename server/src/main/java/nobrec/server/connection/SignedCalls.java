package nobrec.server.connection;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.Optional;
import nobrec.core.refusal.Refusal;
import nobrec.server.platform.Hmac;
import org.springframework.stereotype.Component;

/** Systems that call us: each signs what it says, HMAC-SHA-256 (RFC 2104), with the secret of its connection. */
@Component
public class SignedCalls {

    private final KnownConnections known;
    private final Connections connections;

    SignedCalls(KnownConnections known, Connections connections) {
        this.known = known;
        this.connections = connections;
    }

    /** @throws Refusal when it is signed with another secret, or there is no such connection: which of them is not said */
    public void require(String code, String signature, String body) {
        String secret = known.find(code)
                .flatMap(row -> connections.to(code).credentials())
                .map(Credentials::secret)
                .orElseThrow(SignedCalls::notSigned);
        if (!MessageDigest.isEqual(
                signed(secret, body).getBytes(StandardCharsets.US_ASCII), signature.getBytes(StandardCharsets.UTF_8))) {
            throw notSigned();
        }
    }

    /** What we sign ourselves; nothing where no secret is kept. */
    public Optional<String> signature(Connection connection, String body) {
        return connection.credentials().map(each -> signed(each.secret(), body));
    }

    private static Refusal notSigned() {
        return Refusal.unusable(
                "The signature",
                "It is not made with the secret of this connection.",
                "Set up the same secret on both sides.");
    }

    private static String signed(String secret, String body) {
        return HexFormat.of().formatHex(Hmac.of(secret.getBytes(StandardCharsets.UTF_8), body));
    }
}
