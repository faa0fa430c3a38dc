package nobrec.server.source.webshop;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.server.connection.Connection;
import nobrec.server.connection.JsonReads;
import nobrec.server.connection.ReadFault;
import nobrec.server.source.About;
import nobrec.server.source.About.Named;
import nobrec.server.source.JsonRecords;
import nobrec.server.source.RecordAccess;
import nobrec.server.source.RecordPage;
import nobrec.server.source.RecordPort;
import nobrec.server.source.RecordWindow;
import nobrec.server.source.SourceRecord;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/**
 * Web shops that list their orders by pages: {@code /api/orders?updated_after=SECONDS&updated_before=SECONDS&page=N}, each with
 * buyer, address and basket.
 */
@Component
class WebShopAdapter implements RecordPort {

    private static final List<Named> STATES = List.of(
            new Named("paid", "paid"),
            new Named("unpaid", "not paid yet"),
            new Named("shipped", "shipped"),
            new Named("refunded", "refunded"));

    private static final List<Named> FIELDS = named(
            "buyer.name",
            "buyer.mail",
            "buyer.phone",
            "address.firm",
            "address.line1",
            "address.line2",
            "address.city",
            "address.region",
            "address.postcode",
            "address.country",
            "delivery",
            "currency",
            "note");

    private static final List<Named> LINE_FIELDS = named("sku", "title", "quantity", "grams", "price");

    private final JsonReads reads;

    WebShopAdapter(JsonReads reads) {
        this.reads = reads;
    }

    private static List<Named> named(String... words) {
        return List.of(words).stream().map(word -> new Named(word, word)).toList();
    }

    @Override
    public String adapterName() {
        return "webshop-json";
    }

    @Override
    public String label() {
        return "web shop";
    }

    /** It says nothing of itself but its orders; one page of them shows that it answers. */
    @Override
    public About about(RecordAccess access) throws ReadFault {
        Connection connection = access.connection();
        JsonNode body =
                reads.read(connection, "/api/orders?page=1&updated_after=0").body();
        requireOrders(body);
        return new About(body.path("shop").asString(""), STATES, List.of(), FIELDS, LINE_FIELDS);
    }

    private static void requireOrders(JsonNode body) throws ReadFault {
        if (!body.path("orders").isArray()) {
            throw ReadFault.lasting(
                    "Its answer has no list of orders.", "Check the address, or choose the other kind of system.");
        }
    }

    @Override
    public RecordPage page(RecordAccess access, RecordWindow window, String cursor) throws ReadFault {
        Connection connection = access.connection();
        int page = cursor.isEmpty() ? 1 : Integer.parseInt(cursor);
        JsonReads.Answer answer = reads.read(
                connection,
                "/api/orders?page=" + page + "&updated_after=" + window.from().getEpochSecond() + "&updated_before="
                        + window.until().getEpochSecond());
        JsonNode body = answer.body();
        requireOrders(body);
        List<SourceRecord> records = new ArrayList<>();
        for (JsonNode each : body.path("orders")) {
            records.add(record(each, window.until()));
        }
        boolean more = page < body.path("pages").asInt(page);
        return new RecordPage(
                records,
                more ? Optional.of(String.valueOf(page + 1)) : Optional.empty(),
                body.path("count").isInt() ? Optional.of(body.path("count").intValue()) : Optional.empty(),
                answer.windows1252()
                        ? List.of("Its letters are not in UTF-8; they were read as Windows-1252.")
                        : List.of());
    }

    private static SourceRecord record(JsonNode order, Instant usual) {
        Map<String, String> fields = new LinkedHashMap<>(JsonRecords.flat(order));
        String state = fields.getOrDefault("state", "");
        return new SourceRecord(
                fields.getOrDefault("id", ""),
                state,
                order.path("updated").isNumber()
                        ? Instant.ofEpochSecond(order.path("updated").longValue())
                        : usual,
                state.equals("refunded") ? "refunded" : "",
                fields,
                JsonRecords.lines(order.path("basket")));
    }
}
