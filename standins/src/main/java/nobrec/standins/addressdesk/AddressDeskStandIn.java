package nobrec.standins.addressdesk;

import java.io.IOException;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentLinkedDeque;
import nobrec.standins.StandIn;
import nobrec.standins.http.Conduct;
import nobrec.standins.http.Exchange;
import nobrec.standins.http.Pages;
import nobrec.standins.http.WebServer;
import tools.jackson.databind.JsonNode;

/**
 * A service that knows addresses. What it knows is made up by rules of its own: no street called Nowhere exists, an office tower needs
 * a suite, who has no company lives there, and "Strt" is always meant to be a street.
 */
public final class AddressDeskStandIn implements StandIn {

    private static final int SHOWN = 50;

    private final Conduct conduct = new Conduct();
    private final Deque<Map<String, String>> asked = new ConcurrentLinkedDeque<>();

    @Override
    public String name() {
        return "Address desk";
    }

    @Override
    public String path() {
        return "/addresses";
    }

    @Override
    public Conduct conduct() {
        return conduct;
    }

    @Override
    public void mount(WebServer web) {
        web.get(path(), exchange -> exchange.html(page()));
        conduct.mount(web, path());
        web.post(path() + "/checks", conduct.around(this::check));
    }

    private void check(Exchange exchange) throws IOException {
        JsonNode address = exchange.body();
        String street = text(address, "street");
        String deliverable = deliverable(street, text(address, "street2"));
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("key", exchange.key());
        answer.put("deliverable", deliverable);
        answer.put("kind", text(address, "company").isBlank() ? "RESIDENCE" : "BUSINESS");
        answer.put("text", said(deliverable));
        answer.put("address", Map.of("street", street.replaceAll("(?i)\\bstrt\\b\\.?", "Street")));
        remember(street + ", " + text(address, "city"), deliverable);
        exchange.json(200, answer);
    }

    private static String deliverable(String street, String unit) {
        String plain = street.toLowerCase(Locale.ROOT);
        if (plain.contains("nowhere")) {
            return "NO";
        }
        return plain.contains("tower") && unit.isBlank() ? "UNIT_MISSING" : "YES";
    }

    private static String said(String deliverable) {
        return switch (deliverable) {
            case "NO" -> "No such street in this city.";
            case "UNIT_MISSING" -> "An office tower: the suite is missing.";
            default -> "Found.";
        };
    }

    private void remember(String address, String deliverable) {
        asked.addFirst(Map.of("address", address, "deliverable", deliverable));
        while (asked.size() > SHOWN) {
            asked.removeLast();
        }
    }

    private static String text(JsonNode address, String field) {
        return address.path(field).asString("");
    }

    private String page() {
        return Pages.of(this, "addresses", Map.of("asked", List.copyOf(asked)));
    }
}
