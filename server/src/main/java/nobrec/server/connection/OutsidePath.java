package nobrec.server.connection;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.stream.Collectors;

/** Addresses put together of parts that may hold any sign: a job number may be {@code 24/17 #2}. */
public final class OutsidePath {

    private OutsidePath() {}

    /** {@code /a/b/c}, each part encoded (RFC 3986). */
    public static String of(String... parts) {
        return Arrays.stream(parts).map(part -> "/" + encoded(part)).collect(Collectors.joining());
    }

    private static String encoded(String part) {
        String encoded = URLEncoder.encode(part, StandardCharsets.UTF_8)
                .replace("+", "%20")
                .replace("*", "%2A");
        boolean onlyDots = encoded.chars().allMatch(each -> each == '.');
        return onlyDots ? encoded.replace(".", "%2E") : encoded;
    }
}
