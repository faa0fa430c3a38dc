package nobrec.server.booking;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.regex.Pattern;

/** The other side: what a carrier's stand-in shows on its page. */
final class Consignments {

    private Consignments() {}

    /** How many consignments of a job that carrier has taken. */
    static long count(int port, String carrier, String job) {
        try {
            HttpResponse<String> page = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/" + carrier))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString());
            return Pattern.compile("<td>" + Pattern.quote(job) + "</td>")
                    .matcher(page.body())
                    .results()
                    .count();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(ended);
        }
    }
}
