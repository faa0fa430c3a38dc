package nobrec.standins.scale;

import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nobrec.standins.http.Exchange;
import nobrec.standins.http.Pages;
import nobrec.standins.http.WebServer;

/** The scale's page, and the assistant who puts packages on it in the demo. */
public final class ScalePage {

    /** Packing the assistant adds: 40 g and a hundredth of the weight. */
    private static final double PACKING_GRAMS = 40;

    private static final double PACKING_SHARE = 0.01;

    private final Scale scale;

    public ScalePage(Scale scale) {
        this.scale = scale;
    }

    public void mount(WebServer web) {
        web.get("/scale", exchange -> exchange.html(page()));
        web.post("/scale/mood", exchange -> {
            scale.setMood(Scale.Mood.valueOf(exchange.form().get("mood")));
            exchange.redirect("/scale");
        });
        web.post("/scale/load", exchange -> {
            scale.put(grams(exchange.form().getOrDefault("grams", "")));
            exchange.redirect("/scale");
        });
        web.post("/scale/assistant", this::assist);
    }

    private void assist(Exchange exchange) throws IOException {
        double expected = exchange.body().path("expectedGrams").asDouble();
        scale.put(expected * (1 + PACKING_SHARE) + PACKING_GRAMS);
        exchange.json(200, Map.of("text", "The package is on the scale."));
    }

    private static double grams(String text) {
        if (!text.matches("[0-9]{1,6}(\\.[0-9]{1,3})?")) {
            throw new IllegalArgumentException("“" + text + "” does not read as grams.");
        }
        return Double.parseDouble(text);
    }

    private String page() {
        Scale.Report report = scale.report();
        List<Map<String, Object>> moods = Arrays.stream(Scale.Mood.values())
                .map(each -> Map.<String, Object>of(
                        "value", each.name(), "words", each.words(), "chosen", each == scale.mood()))
                .toList();
        Map<String, Object> content = Map.of(
                "status",
                report.status().name().toLowerCase(Locale.ROOT).replace('_', ' '),
                "weight",
                String.format(Locale.ROOT, "%.2f lb", report.hundredths() / 100.0),
                "moods",
                moods);
        return Pages.page("Scale", Pages.fill("scale", content));
    }
}
