package nobrec.standins.http;

import java.io.IOException;

/** Carries out a stand-in's chosen behaviour around the work it is asked for. */
public final class Conduct {

    private static final long SLOW_MILLIS = 1_500;
    private static final long LATE_MILLIS = 8_000;

    private volatile Behaviour behaviour = Behaviour.NORMAL;

    public Behaviour get() {
        return behaviour;
    }

    public void set(Behaviour chosen) {
        behaviour = chosen;
    }

    /** Adds the address to which a stand-in's page sends the behaviour chosen. */
    public void mount(WebServer web, String path) {
        web.post(path + "/behaviour", exchange -> {
            set(Behaviour.valueOf(exchange.form().get("behaviour")));
            exchange.redirect(path);
        });
    }

    /** The handler, wrapped so that it behaves as told at the moment of the call. */
    public WebServer.Handler around(WebServer.Handler work) {
        return exchange -> {
            Behaviour now = behaviour;
            switch (now) {
                case FAIL -> exchange.json(503, new Problem("Out of order, as told on the stand-in's page."));
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
                case NORMAL -> work.handle(exchange);
            }
        };
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
