package nobrec.standins.webshop;

import java.io.IOException;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nobrec.standins.StandIn;
import nobrec.standins.http.Conduct;
import nobrec.standins.http.Exchange;
import nobrec.standins.http.Pages;
import nobrec.standins.http.WebServer;
import nobrec.standins.record.ShippingReports;
import nobrec.standins.store.RecordStore;
import nobrec.standins.store.SourceRecords;
import tools.jackson.databind.node.ObjectNode;

/** A web shop that lists its orders by pages; it wants a token. */
public final class WebShopStandIn implements StandIn {

    /** The token with which its orders may be read. */
    public static final String TOKEN = "heron-17";

    private static final int PAGE = 5;

    private final SourceRecords orders;
    private final ShippingReports reports;
    private final Conduct conduct = new Conduct();

    public WebShopStandIn(SourceRecords orders, RecordStore reports) {
        this.orders = orders;
        this.reports = new ShippingReports(reports, number -> {
            boolean known = orders.all().stream()
                    .anyMatch(each -> each.path("id").asString("").equals(number));
            if (!known) {
                throw new IllegalArgumentException("Order " + number + " is not known here.");
            }
        });
    }

    @Override
    public String name() {
        return "Web shop";
    }

    @Override
    public String path() {
        return "/webshop";
    }

    @Override
    public Conduct conduct() {
        return conduct;
    }

    @Override
    public void mount(WebServer web) {
        web.get(path(), exchange -> exchange.html(page()));
        conduct.mount(web, path());
        web.get(path() + "/api/orders", conduct.around(this::orders));
        reports.mount(web, path(), conduct);
    }

    private void orders(Exchange exchange) throws IOException {
        if (!exchange.header("Authorization").equals("Bearer " + TOKEN)) {
            exchange.json(401, Map.of("reason", "Your token is not known here."));
            return;
        }
        List<ObjectNode> window = orders.changed(
                seconds(exchange.query("updated_after"), 0),
                seconds(exchange.query("updated_before"), Integer.MAX_VALUE));
        int page = exchange.query("page").matches("[0-9]{1,6}") ? Integer.parseInt(exchange.query("page")) : 1;
        int from = Math.min(window.size(), (page - 1) * PAGE);
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("shop", "Marrowby spares");
        answer.put("count", window.size());
        answer.put("pages", Math.max(1, (window.size() + PAGE - 1) / PAGE));
        answer.put(
                "orders",
                window.subList(from, Math.min(window.size(), from + PAGE)).stream()
                        .map(WebShopStandIn::order)
                        .toList());
        exchange.json(200, answer);
    }

    private static Instant seconds(String text, long usual) {
        return Instant.ofEpochSecond(text.matches("[0-9]{1,12}") ? Long.parseLong(text) : usual);
    }

    private static ObjectNode order(ObjectNode kept) {
        ObjectNode order = kept.deepCopy();
        order.put("updated", Instant.parse(kept.path("changed").asString()).getEpochSecond());
        order.remove("changed");
        return order;
    }

    private String page() {
        List<Map<String, Object>> rows = orders.all().stream()
                .map(each -> Map.<String, Object>of(
                        "number", each.path("id").asString(""),
                        "status", each.path("state").asString(""),
                        "customer", each.path("buyer").path("name").asString(""),
                        "fields", reports.shown(each.path("id").asString(""))))
                .toList();
        return Pages.of(this, "webshop", Map.of("orders", rows));
    }
}
