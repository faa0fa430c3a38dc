package nobrec.standins.carrier;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.time.Duration;
import java.util.HexFormat;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/** Tells a shop unasked what has become of its packages; signed, HMAC-SHA-256 (RFC 2104). */
final class TrackingCalls {

    private static final String ALGORITHM = "HmacSHA256";
    private static final Duration PATIENCE = Duration.ofSeconds(5);

    private final HttpClient http = HttpClient.newHttpClient();

    /** @return what the shop answered */
    String call(String address, String secret, String body) {
        try {
            HttpRequest request = HttpRequest.newBuilder(URI.create(address))
                    .timeout(PATIENCE)
                    .header("Content-Type", "text/plain; charset=utf-8")
                    .header("Nobrec-Signature", signature(secret, body))
                    .POST(HttpRequest.BodyPublishers.ofString(body))
                    .build();
            HttpResponse<String> answer = http.send(request, HttpResponse.BodyHandlers.ofString());
            return answer.statusCode() + " " + answer.body();
        } catch (IOException | IllegalArgumentException failed) {
            return "It did not arrive: " + failed.getMessage();
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            return "It was interrupted.";
        }
    }

    private static String signature(String secret, String body) {
        try {
            Mac mac = Mac.getInstance(ALGORITHM);
            mac.init(new SecretKeySpec(secret.getBytes(StandardCharsets.UTF_8), ALGORITHM));
            return HexFormat.of().formatHex(mac.doFinal(body.getBytes(StandardCharsets.UTF_8)));
        } catch (GeneralSecurityException missing) {
            throw new IllegalStateException(missing);
        }
    }
}
