package nobrec.server.printing.ipp;

import com.hp.jipp.encoding.IppInputStream;
import com.hp.jipp.encoding.IppPacket;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Locale;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import nobrec.server.connection.Connection;
import nobrec.server.connection.LimitedBytes;
import nobrec.server.connection.OutsideTransactions;
import nobrec.server.printing.PrinterSilent;
import org.springframework.stereotype.Component;

/** Requests to printers over HTTP, each within the connection's time limit, never inside a transaction. */
@Component
class IppCalls {

    private static final String TYPE = "application/ipp";
    private static final int DEFAULT_PORT = 631;
    private static final int LONGEST_ANSWER = 1_000_000;

    private final HttpClient http = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();

    /** As the printer knows itself: its address is in every request. */
    static URI printer(Connection connection) {
        URI address = connection.address();
        String scheme = isSafe(address) ? "ipps" : "ipp";
        return URI.create(
                scheme + address.toString().substring(address.getScheme().length()));
    }

    /** RFC 8010: IPP runs over HTTP on the same host and path; its own port is 631. */
    static URI http(URI address) {
        boolean ipp = address.getScheme().toLowerCase(Locale.ROOT).startsWith("ipp");
        int port = address.getPort() > 0 || !ipp ? address.getPort() : DEFAULT_PORT;
        String path = address.getRawPath() == null ? "" : address.getRawPath();
        return URI.create((isSafe(address) ? "https" : "http") + "://" + address.getHost()
                + (port > 0 ? ":" + port : "") + (path.isEmpty() ? "/" : path));
    }

    private static boolean isSafe(URI address) {
        return address.getScheme().equalsIgnoreCase("ipps")
                || address.getScheme().equalsIgnoreCase("https");
    }

    IppPacket call(Connection connection, IppPacket request, byte[] document) throws PrinterSilent {
        OutsideTransactions.require(connection);
        try {
            ByteArrayOutputStream body = new ByteArrayOutputStream();
            request.write(body);
            body.write(document);
            HttpRequest.Builder http = HttpRequest.newBuilder(http(connection.address()))
                    .timeout(connection.timeLimit())
                    .header("Content-Type", TYPE)
                    .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray()));
            connection.credentials().ifPresent(each -> http.header("Authorization", each.authorization()));
            HttpResponse<byte[]> response = exchange(connection, http.build());
            if (response.statusCode() != 200) {
                throw new PrinterSilent(connection.name() + " answered with HTTP " + response.statusCode() + ".");
            }
            return new IppInputStream(new ByteArrayInputStream(response.body())).readPacket();
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            throw new PrinterSilent("The call to " + connection.name() + " was interrupted.", ended);
        } catch (IOException failed) {
            throw new PrinterSilent(connection.name() + " does not answer: it is off, or not on the network.", failed);
        } catch (RuntimeException nonsense) {
            throw new PrinterSilent(connection.name() + " answers, but not as a printer does.", nonsense);
        }
    }

    private HttpResponse<byte[]> exchange(Connection connection, HttpRequest request)
            throws IOException, InterruptedException {
        CompletableFuture<HttpResponse<byte[]>> exchange =
                http.sendAsync(request, head -> new LimitedBytes(LONGEST_ANSWER));
        try {
            return exchange.get(connection.timeLimit().toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException late) {
            exchange.cancel(true);
            throw new IOException("It took too long.", late);
        } catch (ExecutionException failed) {
            throw new IOException(failed.getCause());
        }
    }
}
