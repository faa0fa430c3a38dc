package nobrec.server.platform;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Base64;
import java.util.HexFormat;
import nobrec.core.refusal.Refusal;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Makes links that nobody can guess: HMAC-SHA-256 (RFC 2104) of what the link is for, with a key that is made from the installation's own
 * ({@code nobrec.credential-key}) for that purpose only.
 */
@Component
public class LinkSeal {

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
        byte[] key = Hmac.of(HexFormat.of().parseHex(keyDigits), "link: " + purpose);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(Hmac.of(key, text));
    }

    public boolean fits(String purpose, String text, String given) {
        return MessageDigest.isEqual(
                of(purpose, text).getBytes(StandardCharsets.US_ASCII), given.getBytes(StandardCharsets.UTF_8));
    }
}
