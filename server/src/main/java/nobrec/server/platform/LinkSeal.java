package nobrec.server.platform;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.util.Base64;
import java.util.HexFormat;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import nobrec.core.refusal.Refusal;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Makes links that nobody can guess: HMAC-SHA-256 (RFC 2104) of what the link is for, with a key that is made from the installation's own
 * ({@code nobrec.credential-key}) for that purpose only.
 */
@Component
public class LinkSeal {

    private static final String ALGORITHM = "HmacSHA256";
    private static final String KEY = "[0-9a-fA-F]{64}";

    private final String keyDigits;

    LinkSeal(@Value("${nobrec.credential-key:}") String keyDigits) {
        this.keyDigits = keyDigits;
    }

    /** In signs that may stand in an address. */
    public String of(String purpose, String text) {
        if (!keyDigits.matches(KEY)) {
            throw Refusal.unusable(
                    "Setting nobrec.credential-key", "It is not set.", "Set it; ./nobrec start makes one.");
        }
        byte[] key = mac(HexFormat.of().parseHex(keyDigits), "link: " + purpose);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(mac(key, text));
    }

    public boolean fits(String purpose, String text, String given) {
        return MessageDigest.isEqual(
                of(purpose, text).getBytes(StandardCharsets.US_ASCII), given.getBytes(StandardCharsets.UTF_8));
    }

    private static byte[] mac(byte[] key, String text) {
        try {
            Mac mac = Mac.getInstance(ALGORITHM);
            mac.init(new SecretKeySpec(key, ALGORITHM));
            return mac.doFinal(text.getBytes(StandardCharsets.UTF_8));
        } catch (GeneralSecurityException missing) {
            throw new IllegalStateException("Every Java has " + ALGORITHM, missing);
        }
    }
}
