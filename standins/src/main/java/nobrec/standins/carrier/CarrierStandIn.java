package nobrec.standins.carrier;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nobrec.standins.StandIn;
import nobrec.standins.http.Conduct;
import nobrec.standins.http.Exchange;
import nobrec.standins.http.Pages;
import nobrec.standins.http.Problem;
import nobrec.standins.http.WebServer;
import nobrec.standins.store.RecordStore;
import tools.jackson.databind.JsonNode;

/** A carrier that takes consignments and gives each package a tracking number, once for each key. */
public final class CarrierStandIn implements StandIn {

    /** How a carrier differs from another. */
    public record Profile(String path, String name, boolean phoneRequired, TrackingNumbers numbers) {}

    public static final Profile PLOVER =
            new Profile("plover", "Plover Parcel", false, number -> TrackingNumbers.modulo10("PV", number));
    public static final Profile DUNLIN =
            new Profile("dunlin", "Dunlin Express", true, number -> TrackingNumbers.modulo10("DX", number));
    public static final Profile GODWIT =
            new Profile("godwit", "Godwit Post", false, number -> TrackingNumbers.postalItem("GP", number, "US"));

    public static final Profile CURLEW =
            new Profile("curlew", "Curlew Freight", true, number -> TrackingNumbers.modulo10("CF", number));
    public static final Profile WHIMBREL =
            new Profile("whimbrel", "Whimbrel Lines", true, number -> TrackingNumbers.modulo10("WL", number));

    private static final int FIRST_NUMBER = 41_700_000;

    private final Profile profile;
    private final RecordStore consignments;
    private final RecordStore refusals;
    private final Conduct conduct = new Conduct();

    /** @param folder where it keeps what it was told */
    public CarrierStandIn(Profile profile, Path folder) {
        this.profile = profile;
        this.consignments = new RecordStore(folder.resolve(profile.path() + ".json"));
        this.refusals = new RecordStore(folder.resolve(profile.path() + "-refused.json"));
    }

    @Override
    public String name() {
        return profile.name();
    }

    @Override
    public String path() {
        return "/" + profile.path();
    }

    @Override
    public Conduct conduct() {
        return conduct;
    }

    @Override
    public void mount(WebServer web) {
        web.get(path(), exchange -> exchange.html(page()));
        conduct.mount(web, path());
        web.post(path() + "/consignments", conduct.around(this::accept));
        web.get(path() + "/consignments", exchange -> exchange.json(200, consignments.all()));
        web.get(path() + "/consignments/{key}", conduct.around(this::lookUp));
    }

    /** A refusal under a key is final: the same request, should it arrive late, is refused again. */
    private void accept(Exchange exchange) throws IOException {
        String key = exchange.key();
        Optional<Map<String, Object>> refused = refusals.find(key);
        if (refused.isPresent()) {
            exchange.json(422, refused.get());
            return;
        }
        JsonNode order = exchange.body();
        try {
            require(order);
            exchange.json(201, consignments.once(key, () -> consignment(key, order)));
        } catch (IllegalArgumentException refusal) {
            exchange.json(422, refusals.once(key, () -> Map.of("key", key, "reason", refusal.getMessage())));
        }
    }

    private void require(JsonNode order) {
        requireText(order, "service", "the service");
        requireText(order.path("to"), "street", "the receiver's street");
        requireText(order.path("to"), "postalCode", "the receiver's postal code");
        if (profile.phoneRequired()) {
            requireText(order.path("to"), "phone", "the receiver's phone number");
        }
        if (order.path("packages").isEmpty()) {
            throw new IllegalArgumentException("A consignment needs a package.");
        }
    }

    private void lookUp(Exchange exchange) throws IOException {
        String key = exchange.pathPart(0);
        Optional<Map<String, Object>> found = consignments.find(key);
        Optional<Map<String, Object>> refused = refusals.find(key);
        if (found.isPresent()) {
            exchange.json(200, found.get());
        } else if (refused.isPresent()) {
            exchange.json(422, refused.get());
        } else {
            exchange.json(404, new Problem(key, "No consignment has this key."));
        }
    }

    private Map<String, Object> consignment(String key, JsonNode order) {
        List<Map<String, Object>> packages = new ArrayList<>();
        for (JsonNode each : order.path("packages")) {
            packages.add(Map.of(
                    "number",
                    each.path("number").asInt(),
                    "weightGrams",
                    each.path("weightGrams").decimalValue(),
                    "trackingNumber",
                    profile.numbers().number(nextNumber(packages.size()))));
        }
        Map<String, Object> consignment = new LinkedHashMap<>();
        consignment.put("key", key);
        consignment.put("consignment", profile.path().toUpperCase(Locale.ROOT) + "-" + (consignments.size() + 1));
        consignment.put("service", order.path("service").asString());
        consignment.put("shipDate", order.path("shipDate").asString());
        consignment.put("reference", order.path("reference").asString());
        consignment.put("receiver", order.path("to").path("name").asString());
        consignment.put(
                "city",
                order.path("to").path("city").asString() + ", "
                        + order.path("to").path("state").asString() + " "
                        + order.path("to").path("postalCode").asString());
        consignment.put("packages", packages);
        return consignment;
    }

    private int nextNumber(int ahead) {
        int given = consignments.all().stream()
                .mapToInt(each -> ((List<?>) each.get("packages")).size())
                .sum();
        return FIRST_NUMBER + given + ahead;
    }

    private String page() {
        return Pages.of(
                this,
                "carrier",
                Map.of(
                        "consignments",
                        consignments.all(),
                        "count",
                        consignments.size(),
                        "phone",
                        profile.phoneRequired()));
    }

    private static void requireText(JsonNode node, String field, String what) {
        if (node.path(field).asString("").isBlank()) {
            throw new IllegalArgumentException("The consignment lacks " + what + ".");
        }
    }
}
