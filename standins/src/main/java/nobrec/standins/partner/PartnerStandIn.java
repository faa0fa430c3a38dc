package nobrec.standins.partner;

import java.io.IOException;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nobrec.standins.StandIn;
import nobrec.standins.http.Conduct;
import nobrec.standins.http.Exchange;
import nobrec.standins.http.Pages;
import nobrec.standins.http.WebServer;
import nobrec.standins.store.RecordStore;

/** A trading partner that takes ship notices, each once under its key, and says whether it can use them. */
public final class PartnerStandIn implements StandIn {

    private final RecordStore notices;
    private final Conduct conduct = new Conduct();
    private volatile AcknowledgmentMood mood = AcknowledgmentMood.AT_ONCE;

    public PartnerStandIn(RecordStore notices) {
        this.notices = notices;
    }

    @Override
    public String name() {
        return "Grebe Outfitters";
    }

    @Override
    public String path() {
        return "/grebe";
    }

    @Override
    public Conduct conduct() {
        return conduct;
    }

    @Override
    public void mount(WebServer web) {
        web.get(path(), exchange -> exchange.html(page()));
        conduct.mount(web, path());
        web.post(path() + "/mood", exchange -> {
            say(AcknowledgmentMood.valueOf(exchange.form().get("mood")));
            exchange.redirect(path());
        });
        web.post(path() + "/ship-notices", conduct.around(this::take));
    }

    /** What it says of notices from now on. */
    public void say(AcknowledgmentMood chosen) {
        mood = chosen;
    }

    /** What came, the oldest first: key, media type and document. */
    public List<Map<String, Object>> notices() {
        return notices.all();
    }

    private void take(Exchange exchange) throws IOException {
        boolean again = notices.find(exchange.key()).isPresent();
        String document = exchange.text();
        notices.once(exchange.key(), () -> {
            Map<String, Object> record = new LinkedHashMap<>();
            record.put("key", exchange.key());
            record.put("type", exchange.header("Content-Type"));
            record.put("document", document);
            return record;
        });
        Map<String, String> answer = new LinkedHashMap<>();
        answer.put("key", exchange.key());
        answer.put("text", again ? "It is here already." : "It is here.");
        String acknowledgment = acknowledgment(document, again);
        if (!acknowledgment.isEmpty()) {
            answer.put("acknowledgment", acknowledgment);
        }
        exchange.json(201, answer);
    }

    private String acknowledgment(String document, boolean again) {
        return switch (mood) {
            case AT_ONCE -> Acknowledgment.of(document, true);
            case WHEN_ASKED_AGAIN -> again ? Acknowledgment.of(document, true) : "";
            case REFUSES -> Acknowledgment.of(document, false);
            case NEVER -> "";
            case NONSENSE -> "Thank you.";
        };
    }

    private String page() {
        List<Map<String, Object>> moods = Arrays.stream(AcknowledgmentMood.values())
                .map(each ->
                        Map.<String, Object>of("value", each.name(), "words", each.words(), "chosen", each == mood))
                .toList();
        return Pages.of(this, "partner", Map.of("path", path(), "notices", notices.all(), "moods", moods));
    }
}
