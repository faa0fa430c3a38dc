package nobrec.server.platform;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/** HMAC-SHA-256 (RFC 2104) of texts. */
public final class Hmac {

    private static final String ALGORITHM = "HmacSHA256";

    private Hmac() {}

    public static byte[] of(byte[] key, String text) {
        try {
            Mac mac = Mac.getInstance(ALGORITHM);
            mac.init(new SecretKeySpec(key, ALGORITHM));
            return mac.doFinal(text.getBytes(StandardCharsets.UTF_8));
        } catch (GeneralSecurityException missing) {
            throw new IllegalStateException("Every Java has " + ALGORITHM, missing);
        }
    }
}
