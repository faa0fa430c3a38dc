package nobrec.standins.device;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nobrec.standins.StandIn;
import nobrec.standins.http.Conduct;
import nobrec.standins.http.Exchange;
import nobrec.standins.http.Pages;
import nobrec.standins.http.Problem;
import nobrec.standins.http.WebServer;

/** A device that is read with JSON and a key: figures stand on it, put there on its page or by the demo's assistant. */
public final class DeviceStandIn implements StandIn {

    private static final int REFUSED = 422;

    private final String name;
    private final String path;
    private final List<String> figures;
    private final String nothing;
    private final Conduct conduct = new Conduct();
    private Map<String, Double> there = Map.of();

    private DeviceStandIn(String name, String path, List<String> figures, String nothing) {
        this.name = name;
        this.path = path;
        this.figures = figures;
        this.nothing = nothing;
    }

    /** A floor scale. */
    public static DeviceStandIn floorScale() {
        return new DeviceStandIn("Floor scale", "/floor-scale", List.of("grams"), "Nothing stands on it.");
    }

    /** A frame that measures three sides. */
    public static DeviceStandIn measuringFrame() {
        return new DeviceStandIn(
                "Measuring frame",
                "/measuring-frame",
                List.of("lengthMillimeters", "widthMillimeters", "heightMillimeters"),
                "Nothing stands in it.");
    }

    @Override
    public String name() {
        return name;
    }

    @Override
    public String path() {
        return path;
    }

    @Override
    public Conduct conduct() {
        return conduct;
    }

    @Override
    public void mount(WebServer web) {
        web.get(path, exchange -> exchange.html(page()));
        conduct.mount(web, path);
        web.post(path + "/readings", conduct.around(this::read));
        web.post(path + "/load", this::load);
        web.post(path + "/assistant", this::assist);
    }

    private synchronized void read(Exchange exchange) throws IOException {
        if (there.isEmpty()) {
            exchange.json(REFUSED, new Problem(exchange.key(), nothing));
            return;
        }
        Map<String, Object> answer = new LinkedHashMap<>(there);
        answer.put("key", exchange.key());
        exchange.json(200, answer);
    }

    private synchronized void load(Exchange exchange) throws IOException {
        Map<String, String> form = exchange.form();
        Map<String, Double> typed = new LinkedHashMap<>();
        for (String figure : figures) {
            String text = form.getOrDefault(figure, "");
            if (!text.matches("[0-9]{1,7}(\\.[0-9]{1,3})?")) {
                throw new IllegalArgumentException("“" + text + "” is no figure.");
            }
            typed.put(figure, Double.parseDouble(text));
        }
        there = typed.values().stream().allMatch(figure -> figure == 0) ? Map.of() : Map.copyOf(typed);
        exchange.redirect(path);
    }

    private synchronized void assist(Exchange exchange) throws IOException {
        Map<String, Double> put = new LinkedHashMap<>();
        for (String figure : figures) {
            put.put(figure, exchange.body().path(figure).asDouble());
        }
        there = Map.copyOf(put);
        exchange.json(200, Map.of("key", exchange.key(), "text", "It stands there."));
    }

    private synchronized String page() {
        List<Map<String, Object>> shown = figures.stream()
                .map(figure -> Map.<String, Object>of("name", figure, "value", there.getOrDefault(figure, 0.0)))
                .toList();
        return Pages.of(this, "device", Map.of("path", path, "figures", shown));
    }
}
