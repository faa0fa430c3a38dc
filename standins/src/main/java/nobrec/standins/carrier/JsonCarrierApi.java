package nobrec.standins.carrier;

import java.io.IOException;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.standins.http.Conduct;
import nobrec.standins.http.Exchange;
import nobrec.standins.http.Problem;
import nobrec.standins.http.WebServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Consignments as JSON, with the key in a header. */
final class JsonCarrierApi implements CarrierApi {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String NOT_PREPAID = "The account is not paid beforehand.";

    @Override
    public Conduct conduct() {
        return new Conduct();
    }

    @Override
    public void mount(WebServer web, String path, Conduct conduct, ConsignmentBook book) {
        web.post(path + "/consignments", conduct.around(exchange -> accept(exchange, book)));
        web.post(path + "/consignments/{key}/void", conduct.around(exchange -> makeVoid(exchange, book)));
        web.post(
                path + "/consignments/{key}/packages/{number}/void",
                conduct.around(exchange -> makePackageVoid(exchange, book)));
        web.post(path + "/manifests", conduct.around(exchange -> manifest(exchange, book)));
        web.post(path + "/tracking", conduct.around(exchange -> track(exchange, book)));
        web.post(path + "/pickups", conduct.around(exchange -> askForPickup(exchange, book)));
        web.post(path + "/pickups/{number}/call-off", conduct.around(exchange -> callOff(exchange, book)));
        web.post(path + "/account/balance", conduct.around(exchange -> balance(exchange, book)));
        web.post(path + "/account/payments", conduct.around(exchange -> payIn(exchange, book)));
        web.post(path + "/quotes", conduct.around(exchange -> quote(exchange, book)));
        web.get(path + "/consignments", exchange -> exchange.json(200, book.all()));
        web.get(
                path + "/consignments/{key}",
                conduct.around(exchange -> answer(exchange, exchange.pathPart(0), 200, book)));
    }

    private static void track(Exchange exchange, ConsignmentBook book) throws IOException {
        JsonNode asked = exchange.body();
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("key", exchange.key());
        answer.put(
                "packages",
                packages(book.tracking().news(texts(asked, "trackingNumbers"), Instant.parse(text(asked, "askedAt")))));
        exchange.json(200, answer);
    }

    @Override
    public String written(List<TrackingDesk.News> news) {
        return JSON.writeValueAsString(Map.of("packages", packages(news)));
    }

    private static List<Map<String, Object>> packages(List<TrackingDesk.News> news) {
        return news.stream()
                .map(each -> Map.<String, Object>of(
                        "trackingNumber",
                        each.trackingNumber(),
                        "known",
                        each.known(),
                        "expectedOn",
                        each.expectedOn(),
                        "events",
                        each.events().stream()
                                .map(event -> Map.of(
                                        "id", event.id(),
                                        "event", event.code(),
                                        "at", event.at().toString(),
                                        "place", event.place(),
                                        "text", event.text()))
                                .toList()))
                .toList();
    }

    private static void accept(Exchange exchange, ConsignmentBook book) throws IOException {
        book.take(exchange.key(), order(exchange.body()));
        answer(exchange, exchange.key(), 201, book);
    }

    private static void answer(Exchange exchange, String key, int whenTaken, ConsignmentBook book) throws IOException {
        Optional<Map<String, Object>> taken = book.taken(key);
        Optional<Map<String, Object>> refused = book.refused(key);
        if (taken.isPresent()) {
            exchange.json(whenTaken, taken.get());
        } else if (refused.isPresent()) {
            exchange.json(422, refused.get());
        } else {
            exchange.json(404, new Problem(key, "No consignment has this key."));
        }
    }

    private static void makeVoid(Exchange exchange, ConsignmentBook book) throws IOException {
        String key = exchange.key();
        try {
            exchange.json(200, Map.of("key", key, "text", book.makeVoid(exchange.pathPart(0))));
        } catch (IllegalArgumentException refusal) {
            exchange.json(422, new Problem(key, refusal.getMessage()));
        }
    }

    private static void makePackageVoid(Exchange exchange, ConsignmentBook book) throws IOException {
        String key = exchange.key();
        try {
            int number = Integer.parseInt(exchange.pathPart(1));
            exchange.json(200, Map.of("key", key, "text", book.makeVoid(exchange.pathPart(0), number)));
        } catch (IllegalArgumentException refusal) {
            exchange.json(422, new Problem(key, refusal.getMessage()));
        }
    }

    private static void manifest(Exchange exchange, ConsignmentBook book) throws IOException {
        String key = exchange.key();
        try {
            String number = book.manifest(key, texts(exchange.body(), "trackingNumbers"));
            exchange.json(201, Map.of("key", key, "manifest", number));
        } catch (IllegalArgumentException refusal) {
            exchange.json(422, new Problem(key, refusal.getMessage()));
        }
    }

    private static void askForPickup(Exchange exchange, ConsignmentBook book) throws IOException {
        String key = exchange.key();
        JsonNode asked = exchange.body();
        try {
            String number = book.pickups()
                    .ask(
                            key,
                            text(asked, "day"),
                            text(asked, "readyAt"),
                            text(asked, "closesAt"),
                            asked.path("packages").asInt());
            exchange.json(201, Map.of("key", key, "confirmation", number));
        } catch (IllegalArgumentException refusal) {
            exchange.json(422, new Problem(key, refusal.getMessage()));
        }
    }

    private static void callOff(Exchange exchange, ConsignmentBook book) throws IOException {
        String key = exchange.key();
        try {
            exchange.json(200, Map.of("key", key, "text", book.pickups().callOff(exchange.pathPart(0))));
        } catch (IllegalArgumentException refusal) {
            exchange.json(422, new Problem(key, refusal.getMessage()));
        }
    }

    private static void balance(Exchange exchange, ConsignmentBook book) throws IOException {
        String key = exchange.key();
        if (book.isPrepaid()) {
            String balance = book.account().balance().toPlainString();
            exchange.json(200, Map.of("key", key, "balance", balance, "currency", "USD"));
        } else {
            exchange.json(422, new Problem(key, NOT_PREPAID));
        }
    }

    private static void payIn(Exchange exchange, ConsignmentBook book) throws IOException {
        String key = exchange.key();
        JsonNode asked = exchange.body();
        if (!book.isPrepaid()) {
            exchange.json(422, new Problem(key, NOT_PREPAID));
        } else if (!text(asked, "currency").equals("USD")) {
            exchange.json(422, new Problem(key, "Payments are taken in USD."));
        } else {
            exchange.json(
                    200, Map.of("key", key, "text", book.account().payIn(key, new BigDecimal(text(asked, "amount")))));
        }
    }

    private static void quote(Exchange exchange, ConsignmentBook book) throws IOException {
        JsonNode asked = exchange.body();
        QuoteDesk.Quote quote = book.quotes()
                .quote(
                        texts(asked, "services"),
                        texts(asked, "accessorials"),
                        Instant.parse(text(asked, "askedAt")),
                        order(asked.path("consignment")));
        exchange.json(
                200,
                Map.of(
                        "key", exchange.key(),
                        "quote", quote.number(),
                        "validUntil", quote.validUntil().toString(),
                        "prices",
                                quote.prices().stream()
                                        .map(each -> Map.of(
                                                "service", each.service(),
                                                "total", each.total().toPlainString(),
                                                "currency", "USD"))
                                        .toList()));
    }

    private static List<String> texts(JsonNode node, String field) {
        List<String> texts = new ArrayList<>();
        node.path(field).forEach(each -> texts.add(each.asString("")));
        return texts;
    }

    private static ConsignmentOrder order(JsonNode order) {
        JsonNode to = order.path("to");
        List<ConsignmentOrder.Parcel> packages = new ArrayList<>();
        for (JsonNode each : order.path("packages")) {
            packages.add(new ConsignmentOrder.Parcel(
                    each.path("number").asInt(), each.path("weightGrams").decimalValue(BigDecimal.ZERO)));
        }
        return new ConsignmentOrder(
                text(order, "service"),
                text(order, "quote"),
                text(order, "shipDate"),
                text(order, "expectedOn"),
                text(order, "reference"),
                new Journey.Place(text(order.path("from"), "city"), text(order.path("from"), "state")),
                new ConsignmentOrder.Receiver(
                        text(to, "name"),
                        text(to, "street"),
                        text(to, "city"),
                        text(to, "state"),
                        text(to, "postalCode"),
                        text(to, "phone")),
                packages);
    }

    private static String text(JsonNode node, String field) {
        return node.path(field).asString("");
    }
}
