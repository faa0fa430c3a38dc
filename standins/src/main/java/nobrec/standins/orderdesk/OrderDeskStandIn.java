package nobrec.standins.orderdesk;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nobrec.standins.StandIn;
import nobrec.standins.http.Conduct;
import nobrec.standins.http.Pages;
import nobrec.standins.http.WebServer;
import nobrec.standins.record.ShippingReports;
import nobrec.standins.store.RecordStore;
import nobrec.standins.store.ShopRecords;
import nobrec.standins.store.SourceRecords;
import tools.jackson.databind.node.ObjectNode;

/** The system the work orders came from: it is told what happened to each. */
public final class OrderDeskStandIn implements StandIn {

    private final ShopRecords shop;
    private final ShippingReports reports;
    private final SourceRecords records;
    private final Conduct conduct = new Conduct();

    public OrderDeskStandIn(ShopRecords shop, RecordStore reports, SourceRecords records) {
        this.records = records;
        this.shop = shop;
        this.reports = new ShippingReports(reports, number -> {
            if (!records.has(number)) {
                shop.order(number);
            }
        });
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
        reports.mount(web, path(), conduct);
        new RecordApi(records).mount(web, path(), conduct);
    }

    /** What it is told of its orders. */
    public ShippingReports reports() {
        return reports;
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
                        records.all().stream().map(this::record).toList()));
    }

    private Map<String, Object> record(ObjectNode record) {
        return Map.of(
                "number", record.path("number").asString(""),
                "status", record.path("status").asString(""),
                "customer", record.path("fields").path("customer").asString(""),
                "changed", record.path("changed").asString(""),
                "cancelled", record.path("cancelled").asString(""),
                "fields", reports.shown(record.path("number").asString("")));
    }

    private Map<String, Object> row(ShopRecords.Order order) {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("number", order.number());
        row.put("customer", order.customer());
        row.put("fields", reports.shown(order.number()));
        return row;
    }
}
