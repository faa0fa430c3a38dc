package nobrec.standins.record;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import nobrec.standins.http.Conduct;
import nobrec.standins.http.Exchange;
import nobrec.standins.http.WebServer;
import nobrec.standins.store.RecordStore;
import tools.jackson.databind.JsonNode;

/**
 * What a record system is told of its orders: any fields, each kept as it was said last. A field can be given another name on its page;
 * from then on the old name is not known.
 */
public final class ShippingReports {

    private static final String ORDER = "order";

    private final RecordStore reports;
    private final Consumer<String> requireKnown;
    private final Set<String> renamed = ConcurrentHashMap.newKeySet();

    /** @param requireKnown refuses an order that is not known there */
    public ShippingReports(RecordStore reports, Consumer<String> requireKnown) {
        this.reports = reports;
        this.requireKnown = requireKnown;
    }

    /** Below the path of the system. */
    public void mount(WebServer web, String path, Conduct conduct) {
        web.put(path + "/orders/{number}/shipping", conduct.around(this::take));
        web.post(path + "/orders/{number}/shipping/look", conduct.around(this::look));
        web.get(path + "/reports", exchange -> exchange.json(200, reports.all()));
        web.post(path + "/fields", exchange -> {
            Map<String, String> form = exchange.form();
            rename(
                    form.getOrDefault("from", "").strip(),
                    form.getOrDefault("to", "").strip());
            exchange.redirect(path);
        });
    }

    /** From now on the field has another name. */
    public void rename(String from, String to) {
        renamed.add(from);
        renamed.remove(to);
    }

    private void take(Exchange exchange) throws IOException {
        String number = exchange.pathPart(0);
        requireKnown.accept(number);
        JsonNode body = exchange.body();
        body.propertyNames().stream().filter(renamed::contains).findFirst().ifPresent(name -> {
            throw new IllegalArgumentException("There is no field " + name + " here.");
        });
        reports.once(exchange.key(), () -> {
            Map<String, Object> record = new LinkedHashMap<>();
            record.put(ORDER, number);
            body.properties().forEach(each -> record.put(each.getKey(), plain(each.getValue())));
            return record;
        });
        String status = body.path("status").asString("");
        String done = status.isEmpty() ? " has " + body.size() + " fields written." : " says " + status + ".";
        exchange.json(200, Map.of("key", exchange.key(), "text", "Order " + number + done));
    }

    private static Object plain(JsonNode node) {
        if (node.isArray()) {
            return node.valueStream()
                    .map(part -> part.properties().stream()
                            .collect(Collectors.toMap(
                                    Map.Entry::getKey,
                                    each -> each.getValue().asString(""),
                                    (one, other) -> other,
                                    LinkedHashMap::new)))
                    .toList();
        }
        return node.asString("");
    }

    private void look(Exchange exchange) throws IOException {
        exchange.json(
                200,
                Map.of(
                        "key",
                        exchange.key(),
                        "fields",
                        standing(exchange.pathPart(0)).orElse(Map.of())));
    }

    /** What stands there of an order. */
    public Optional<Map<String, Object>> standing(String number) {
        Map<String, Object> now = new LinkedHashMap<>();
        reports.all().stream().filter(each -> each.get(ORDER).equals(number)).forEach(now::putAll);
        now.remove(ORDER);
        return now.isEmpty() ? Optional.empty() : Optional.of(now);
    }

    /** For its page: each field of what stands there, one a line. */
    public List<Map<String, String>> shown(String number) {
        return standing(number).orElse(Map.of()).entrySet().stream()
                .map(each -> Map.of("name", each.getKey(), "value", String.valueOf(each.getValue())))
                .toList();
    }
}
