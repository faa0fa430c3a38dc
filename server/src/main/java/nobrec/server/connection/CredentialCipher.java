package nobrec.server.connection;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.util.HexFormat;
import javax.crypto.Cipher;
import javax.crypto.SecretKey;
import javax.crypto.spec.GCMParameterSpec;
import javax.crypto.spec.SecretKeySpec;
import nobrec.core.refusal.Refusal;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Credentials at rest: AES-256 in Galois/Counter Mode (NIST SP 800-38D), a nonce of 96 bits before each, bound to the
 * connection's code so that none can be moved to another. The key is the setting {@code nobrec.credential-key}, 64
 * hexadecimal digits; it is never in the database.
 */
@Component
class CredentialCipher {

    private static final String CIPHER = "AES/GCM/NoPadding";
    private static final String SETTING = "Setting nobrec.credential-key";
    private static final int KEY_BYTES = 32;
    private static final int NONCE_BYTES = 12;
    private static final int TAG_BITS = 128;

    private final String keyDigits;
    private final SecureRandom random = new SecureRandom();

    CredentialCipher(@Value("${nobrec.credential-key:}") String keyDigits) {
        this.keyDigits = keyDigits;
    }

    byte[] encrypt(String connection, String secret) {
        byte[] nonce = new byte[NONCE_BYTES];
        random.nextBytes(nonce);
        try {
            byte[] encrypted =
                    cipher(Cipher.ENCRYPT_MODE, nonce, connection).doFinal(secret.getBytes(StandardCharsets.UTF_8));
            return ByteBuffer.allocate(NONCE_BYTES + encrypted.length)
                    .put(nonce)
                    .put(encrypted)
                    .array();
        } catch (GeneralSecurityException failed) {
            throw new IllegalStateException("This Java has no " + CIPHER, failed);
        }
    }

    String decrypt(String connection, byte[] kept) {
        try {
            ByteBuffer buffer = ByteBuffer.wrap(kept);
            byte[] nonce = new byte[NONCE_BYTES];
            buffer.get(nonce);
            byte[] encrypted = new byte[buffer.remaining()];
            buffer.get(encrypted);
            return new String(
                    cipher(Cipher.DECRYPT_MODE, nonce, connection).doFinal(encrypted), StandardCharsets.UTF_8);
        } catch (GeneralSecurityException | RuntimeException unreadable) {
            if (unreadable instanceof Refusal refusal) {
                throw refusal;
            }
            throw Refusal.unusable(
                    "Connection " + connection,
                    "Its credentials cannot be read with this server's key.",
                    "Start the server with the key they were kept with, or enter them again.");
        }
    }

    private Cipher cipher(int mode, byte[] nonce, String connection) throws GeneralSecurityException {
        Cipher cipher = Cipher.getInstance(CIPHER);
        cipher.init(mode, key(), new GCMParameterSpec(TAG_BITS, nonce));
        cipher.updateAAD(connection.getBytes(StandardCharsets.UTF_8));
        return cipher;
    }

    private SecretKey key() {
        if (!keyDigits.matches("[0-9a-fA-F]{" + 2 * KEY_BYTES + "}")) {
            throw Refusal.unusable(
                    SETTING,
                    keyDigits.isEmpty() ? "It is not set." : "It is not 64 hexadecimal digits.",
                    "Set it before credentials are kept or used; ./nobrec start makes one.");
        }
        return new SecretKeySpec(HexFormat.of().parseHex(keyDigits), "AES");
    }
}
