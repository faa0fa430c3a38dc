package nobrec.standins.http;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.ThreadLocalRandom;

/** Carries out a stand-in's chosen behavior around the work it is asked for. */
public final class Conduct {

    private static final long SLOW_MILLIS = 1_500;
    private static final long LATE_MILLIS = 8_000;
    private static final long DELIVERY_MILLIS = 2_000;

    private final String keyName;
    private final String numberName;
    private volatile Behavior behavior = Behavior.NORMAL;

    public Conduct() {
        this("key", "trackingNumber");
    }

    /** What the key and a tracking number are called in this one's answers. */
    public Conduct(String keyName, String numberName) {
        this.keyName = keyName;
        this.numberName = numberName;
    }

    public Behavior get() {
        return behavior;
    }

    public void set(Behavior chosen) {
        behavior = chosen;
    }

    /** Adds the address to which a stand-in's page sends the behavior chosen. */
    public void mount(WebServer web, String path) {
        web.post(path + "/behavior", exchange -> {
            set(Behavior.valueOf(exchange.form().get("behavior")));
            exchange.redirect(path);
        });
    }

    /** The handler, wrapped so that it behaves as told at the moment of the call. */
    public WebServer.Handler around(WebServer.Handler work) {
        return exchange -> carryOut(behavior == Behavior.ANY ? anyOfThem() : behavior, work, exchange);
    }

    private void carryOut(Behavior now, WebServer.Handler work, Exchange exchange) throws IOException {
        switch (now) {
            case FAIL -> exchange.json(503, saying("Out of order, as told on the stand-in's page."));
            case SLOW -> {
                pause(SLOW_MILLIS);
                work.handle(exchange);
            }
            case LATE -> {
                exchange.hold();
                work.handle(exchange);
                pause(LATE_MILLIS);
                exchange.release();
            }
            case LOSE_ANSWER -> {
                exchange.hold();
                work.handle(exchange);
                exchange.drop();
            }
            case DELIVERED_LATE -> {
                exchange.hold();
                exchange.readBody();
                exchange.drop();
                pause(DELIVERY_MILLIS);
                work.handle(exchange);
            }
            case UNAUTHORIZED -> exchange.json(401, saying("Who are you?"));
            case TIMED_OUT -> exchange.json(408, saying("Too slow."));
            case CONFLICT -> exchange.json(409, saying("Another request is in the way."));
            case TOO_EARLY -> exchange.json(425, saying("Too early."));
            case TOO_MANY -> {
                exchange.setHeader("Retry-After", "1");
                exchange.json(429, saying("Too many requests."));
            }
            case HALF_ANSWER -> {
                exchange.hold();
                work.handle(exchange);
                exchange.releaseHalf();
            }
            case LATIN_1 -> {
                exchange.hold();
                work.handle(exchange);
                exchange.releaseIn(StandardCharsets.ISO_8859_1);
            }
            case REDIRECT -> exchange.page(302, "<p>Moved.</p>");
            case NO_CONTENT -> exchange.page(204, "");
            case NOT_JSON -> exchange.page(200, "<p>Welcome.</p>");
            case PROXY_REFUSAL -> exchange.page(422, "<p>This request was blocked.</p>");
            case PROXY_NOT_FOUND -> exchange.page(404, "<p>Not found.</p>");
            case ERROR_AFTER -> {
                exchange.hold();
                work.handle(exchange);
                exchange.releaseAs(500);
            }
            case ERROR_INSIDE ->
                exchange.json(200, Map.of(keyName, exchange.key(), "error", "The field is locked by another user."));
            case WRONG_KEY -> {
                exchange.hold();
                work.handle(exchange);
                exchange.releaseChanged(keyName, "00000000-0000-0000-0000-000000000000");
            }
            case SAME_NUMBER -> {
                exchange.hold();
                work.handle(exchange);
                exchange.releaseChanged(numberName, "PV900417000009");
            }
            case NORMAL, ANY -> work.handle(exchange);
        }
    }

    private static Map<String, String> saying(String reason) {
        return Map.of("reason", reason);
    }

    /**
     * One of all, the normal one as often as the others together. Never another's number: who is given it before the other has had its
     * answer cannot know that it is another's, and the other one could never have it.
     */
    private static Behavior anyOfThem() {
        Behavior[] all = Behavior.values();
        int index = ThreadLocalRandom.current().nextInt(all.length * 2);
        return index < all.length && all[index] != Behavior.SAME_NUMBER ? all[index] : Behavior.NORMAL;
    }

    private static void pause(long millis) throws IOException {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            throw new IOException("Ended while waiting", ended);
        }
    }
}
