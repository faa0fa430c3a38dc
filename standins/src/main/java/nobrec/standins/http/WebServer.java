package nobrec.standins.http;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** A small HTTP server on loopback with routes like {@code /books/invoices/{number}}. */
public final class WebServer implements AutoCloseable {

    /** What answers a request. */
    @FunctionalInterface
    public interface Handler {
        void handle(Exchange exchange) throws IOException;
    }

    private record Route(String method, Pattern path, Handler handler) {}

    private static final Logger LOG = LoggerFactory.getLogger(WebServer.class);

    private final HttpServer http;
    private final ExecutorService threads = Executors.newCachedThreadPool();
    private final List<Route> routes = new ArrayList<>();

    public WebServer(int port) throws IOException {
        http = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
        http.setExecutor(threads);
        http.createContext("/", this::dispatch);
    }

    public void get(String path, Handler handler) {
        route("GET", path, handler);
    }

    public void post(String path, Handler handler) {
        route("POST", path, handler);
    }

    public void put(String path, Handler handler) {
        route("PUT", path, handler);
    }

    public void start() {
        http.start();
    }

    public int port() {
        return http.getAddress().getPort();
    }

    @Override
    public void close() {
        http.stop(0);
        threads.shutdownNow();
    }

    private void route(String method, String path, Handler handler) {
        String pattern = path.replaceAll("\\{[a-z]+}", "([^/]+)");
        routes.add(new Route(method, Pattern.compile(pattern), handler));
    }

    private void dispatch(HttpExchange http) throws IOException {
        String path = http.getRequestURI().getRawPath();
        for (Route route : routes) {
            Matcher matcher = route.path().matcher(path);
            if (route.method().equals(http.getRequestMethod()) && matcher.matches()) {
                List<String> parts = IntStream.rangeClosed(1, matcher.groupCount())
                        .mapToObj(index -> URLDecoder.decode(matcher.group(index), StandardCharsets.UTF_8))
                        .toList();
                run(route, new Exchange(http, parts));
                return;
            }
        }
        new Exchange(http, List.of()).json(404, new Problem("", "There is nothing at " + path + "."));
    }

    private static void run(Route route, Exchange exchange) throws IOException {
        try {
            route.handler().handle(exchange);
        } catch (IllegalArgumentException refused) {
            exchange.json(422, new Problem(exchange.key(), refused.getMessage()));
        } catch (RuntimeException failed) {
            LOG.error("A stand-in failed", failed);
            exchange.json(500, new Problem("", "The stand-in itself failed: " + failed.getMessage()));
        } catch (IOException callerGone) {
            LOG.debug("A caller did not wait for the answer: {}", callerGone.getMessage());
            exchange.drop();
        }
    }
}
