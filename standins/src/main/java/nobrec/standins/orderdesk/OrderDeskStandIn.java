package nobrec.standins.orderdesk;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nobrec.standins.StandIn;
import nobrec.standins.http.Conduct;
import nobrec.standins.http.Exchange;
import nobrec.standins.http.Pages;
import nobrec.standins.http.WebServer;
import nobrec.standins.store.RecordStore;
import nobrec.standins.store.ShopRecords;
import nobrec.standins.store.SourceRecords;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The system the work orders came from: it is told what happened to each. */
public final class OrderDeskStandIn implements StandIn {

    private final ShopRecords shop;
    private final RecordStore reports;
    private final SourceRecords records;
    private final Conduct conduct = new Conduct();

    public OrderDeskStandIn(ShopRecords shop, RecordStore reports, SourceRecords records) {
        this.records = records;
        this.shop = shop;
        this.reports = reports;
    }

    @Override
    public String name() {
        return "Order desk";
    }

    @Override
    public String path() {
        return "/orderdesk";
    }

    @Override
    public Conduct conduct() {
        return conduct;
    }

    @Override
    public void mount(WebServer web) {
        web.get(path(), exchange -> exchange.html(page()));
        conduct.mount(web, path());
        web.put(path() + "/orders/{number}/shipping", conduct.around(this::report));
        new RecordApi(records).mount(web, path(), conduct);
        web.get(path() + "/reports", exchange -> exchange.json(200, reports.all()));
    }

    private void report(Exchange exchange) throws IOException {
        String number = exchange.pathPart(0);
        if (!records.has(number)) {
            shop.order(number);
        }
        JsonNode report = exchange.body();
        reports.once(exchange.key(), () -> {
            Map<String, Object> record = new LinkedHashMap<>();
            record.put("order", number);
            record.put("status", report.path("status").asString());
            record.put("carrier", report.path("carrier").asString());
            record.put("service", report.path("service").asString());
            record.put("tracking", report.path("tracking").asString());
            record.put("shipDate", report.path("shipDate").asString());
            return record;
        });
        exchange.json(
                200,
                Map.of(
                        "key",
                        exchange.key(),
                        "text",
                        "Order " + number + " says " + report.path("status").asString() + "."));
    }

    private String page() {
        List<Map<String, Object>> rows = shop.orders().stream().map(this::row).toList();
        return Pages.of(
                this,
                "orderdesk",
                Map.of(
                        "orders",
                        rows,
                        "records",
                        records.all().stream().map(OrderDeskStandIn::record).toList()));
    }

    private static Map<String, String> record(ObjectNode record) {
        return Map.of(
                "number", record.path("number").asString(""),
                "status", record.path("status").asString(""),
                "customer", record.path("fields").path("customer").asString(""),
                "changed", record.path("changed").asString(""),
                "cancelled", record.path("cancelled").asString(""));
    }

    private Map<String, Object> row(ShopRecords.Order order) {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("status", "in the shop");
        row.put("number", order.number());
        row.put("customer", order.customer());
        reports.all().stream()
                .filter(report -> report.get("order").equals(order.number()))
                .forEach(row::putAll);
        return row;
    }
}
