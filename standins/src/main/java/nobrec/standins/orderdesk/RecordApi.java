package nobrec.standins.orderdesk;

import java.io.IOException;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nobrec.standins.http.Conduct;
import nobrec.standins.http.Exchange;
import nobrec.standins.http.WebServer;
import nobrec.standins.store.SourceRecords;
import tools.jackson.databind.node.ObjectNode;

/** The records of the order desk, told as docs/record-protocol.md describes it. */
final class RecordApi {

    private static final int MOST = 100;

    private final SourceRecords records;
    private final Map<String, Object> about;

    RecordApi(SourceRecords records) {
        this.records = records;
        this.about = about();
    }

    void mount(WebServer web, String path, Conduct conduct) {
        web.get(path + "/about", conduct.around(exchange -> exchange.json(200, about)));
        web.get(path + "/records", conduct.around(this::records));
        web.post(path + "/edit", exchange -> {
            Map<String, String> form = exchange.form();
            records.change(form.get("number"), form.get("field"), form.getOrDefault("value", ""));
            exchange.redirect(path);
        });
    }

    private void records(Exchange exchange) throws IOException {
        List<ObjectNode> window =
                records.changed(Instant.parse(exchange.query("from")), Instant.parse(exchange.query("until")));
        int limit = Math.min(MOST, Math.max(1, number(exchange.query("limit"), MOST)));
        int from = Math.min(window.size(), number(exchange.query("cursor"), 0));
        int to = Math.min(window.size(), from + limit);
        Map<String, Object> page = new LinkedHashMap<>();
        page.put("records", window.subList(from, to));
        page.put("total", window.size());
        if (to < window.size()) {
            page.put("next", String.valueOf(to));
        }
        exchange.json(200, page);
    }

    private static int number(String text, int usual) {
        return text.matches("[0-9]{1,9}") ? Integer.parseInt(text) : usual;
    }

    private static Map<String, Object> about() {
        Map<String, Object> about = new LinkedHashMap<>();
        about.put("protocol", "nobrec-records");
        about.put("version", 1);
        about.put("name", "Order desk");
        about.put(
                "statuses",
                List.of(named("FIN", "Finished"), named("WIP", "In the shop"), named("QC", "At inspection")));
        about.put("sites", List.of(named("M", "Main works"), named("N", "North annex")));
        about.put(
                "fields",
                List.of(
                        named("customer", "Customer"),
                        named("po", "Customer's purchase order"),
                        named("ship_name", "Ship to"),
                        named("ship_attn", "Attention"),
                        named("ship_street", "Street"),
                        named("ship_city", "City"),
                        named("ship_state", "State"),
                        named("ship_zip", "ZIP"),
                        named("ship_country", "Country"),
                        named("phone", "Phone"),
                        named("due", "Due"),
                        named("ship_via", "Ship via"),
                        named("freight", "Freight"),
                        named("rack", "Rack")));
        about.put(
                "lineFields",
                List.of(
                        named("item", "Item"),
                        named("description", "Description"),
                        named("qty", "Ordered"),
                        named("qty_ready", "Ready"),
                        named("weight_each", "Weight each"),
                        named("price", "Price"),
                        named("hs_code", "HS code")));
        return about;
    }

    private static Map<String, String> named(String code, String name) {
        return Map.of("code", code, "name", name);
    }
}
