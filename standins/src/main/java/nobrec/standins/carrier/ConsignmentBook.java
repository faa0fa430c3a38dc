package nobrec.standins.carrier;

import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nobrec.standins.store.RecordStore;

/** What one carrier has taken and refused, by key; a refusal under a key is final. */
public final class ConsignmentBook {

    private static final int FIRST_NUMBER = 41_700_000;

    private final CarrierStandIn.Profile profile;
    private final QuoteDesk quotes;
    private final RecordStore consignments;
    private final RecordStore refusals;
    private final RecordStore manifests;
    private final PickupBook pickups;
    private final TrackingDesk tracking;
    private final PrepaidAccount account;

    ConsignmentBook(CarrierStandIn.Profile profile, Path folder) {
        this.profile = profile;
        this.quotes = new QuoteDesk(profile.path().toUpperCase(Locale.ROOT));
        this.consignments = new RecordStore(folder.resolve(profile.path() + ".json"));
        this.tracking = new TrackingDesk(profile.path(), folder, consignments);
        this.account = new PrepaidAccount(profile.path(), folder, consignments);
        this.pickups = new PickupBook(profile.path(), folder);
        this.manifests = new RecordStore(folder.resolve(profile.path() + "-manifests.json"));
        this.refusals = new RecordStore(folder.resolve(profile.path() + "-refused.json"));
    }

    /** A package of a consignment, by its number in the order. */
    record Taken(int number, String trackingNumber) {}

    /** Takes an order, or keeps that it is refused; the same request, should it arrive again, has the same outcome. */
    void take(String key, ConsignmentOrder order) {
        if (refusals.find(key).isPresent()) {
            return;
        }
        try {
            order.require(profile.phoneRequired());
            tracking.note(consignments.once(key, () -> {
                BigDecimal price = quotes.price(order);
                if (profile.prepaid()) {
                    account.require(price);
                }
                return consignment(key, order, price);
            }));
        } catch (IllegalArgumentException refusal) {
            refusals.once(key, () -> Map.of("key", key, "reason", refusal.getMessage()));
        }
    }

    /**
     * Makes a consignment void; what is void already stays so.
     *
     * @return what was done, in words
     * @throws IllegalArgumentException when it is not there, or was collected
     */
    String makeVoid(String key) {
        Map<String, Object> there =
                consignments.find(key).orElseThrow(() -> new IllegalArgumentException("No consignment has this key."));
        String number = (String) there.get("consignment");
        if (there.containsKey("void")) {
            return "Consignment " + number + " was void already.";
        }
        if (there.containsKey("collected")
                || packageMaps(there).stream().anyMatch(each -> each.containsKey("collected"))) {
            throw new IllegalArgumentException("Consignment " + number + " was collected already.");
        }
        consignments.put(key, with(there, "void"));
        return "Consignment " + number + " is void.";
    }

    /**
     * Makes one package of a consignment void.
     *
     * @return what was done, in words
     * @throws IllegalArgumentException when it is not there, was collected, is the last one, or only whole consignments are voided
     */
    synchronized String makeVoid(String key, int number) {
        Map<String, Object> there =
                consignments.find(key).orElseThrow(() -> new IllegalArgumentException("No consignment has this key."));
        Map<String, Object> parcel = packageMaps(there).stream()
                .filter(each -> each.get("number").equals(number))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("It has no package " + number + "."));
        if (parcel.containsKey("void") || there.containsKey("void")) {
            return "Package " + number + " was void already.";
        }
        if (!profile.voidsPackages()) {
            throw new IllegalArgumentException("Only whole consignments are made void.");
        }
        if (parcel.containsKey("collected") || there.containsKey("collected")) {
            throw new IllegalArgumentException("Package " + number + " was collected already.");
        }
        if (packageMaps(there).stream()
                        .filter(each -> !each.containsKey("void"))
                        .count()
                == 1) {
            throw new IllegalArgumentException("It is the last one: have the consignment made void.");
        }
        consignments.put(key, withMarkedPackages(there, List.of((String) parcel.get("trackingNumber")), "void"));
        return "Package " + number + " is void.";
    }

    /** The driver has it: it cannot be made void any more. */
    public void collect(String key) {
        consignments.find(key).ifPresent(there -> consignments.put(key, with(there, "collected")));
    }

    /**
     * Makes the manifest of what the driver takes, once for a key; it cannot be made void any more.
     *
     * @return its number
     * @throws IllegalArgumentException when one of the packages is not here, or void
     */
    synchronized String manifest(String key, List<String> trackingNumbers) {
        if (manifests.find(key).isEmpty()) {
            trackingNumbers.stream()
                    .map(this::keyOf)
                    .distinct()
                    .toList()
                    .forEach(each -> consignments.put(
                            each,
                            withMarkedPackages(consignments.find(each).orElseThrow(), trackingNumbers, "collected")));
        }
        Map<String, Object> manifest = manifests.once(
                key,
                () -> Map.of(
                        "number",
                        profile.path().toUpperCase(Locale.ROOT) + "-M" + (manifests.size() + 1),
                        "packages",
                        trackingNumbers.size()));
        return (String) manifest.get("number");
    }

    private String keyOf(String trackingNumber) {
        Map<String, Object> there = consignments.all().stream()
                .filter(each -> packages(each).stream()
                        .anyMatch(taken -> taken.trackingNumber().equals(trackingNumber)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no package " + trackingNumber + "."));
        if (there.containsKey("void")
                || packageMaps(there).stream()
                        .anyMatch(each -> each.containsKey("void")
                                && each.get("trackingNumber").equals(trackingNumber))) {
            throw new IllegalArgumentException("Package " + trackingNumber + " is void.");
        }
        return (String) there.get("key");
    }

    List<Map<String, Object>> allManifests() {
        return manifests.all();
    }

    private static Map<String, Object> with(Map<String, Object> record, String mark) {
        Map<String, Object> marked = new LinkedHashMap<>(record);
        marked.put(mark, true);
        return marked;
    }

    private static Map<String, Object> withMarkedPackages(
            Map<String, Object> consignment, List<String> trackingNumbers, String mark) {
        Map<String, Object> marked = new LinkedHashMap<>(consignment);
        marked.put(
                "packages",
                packageMaps(consignment).stream()
                        .map(each ->
                                trackingNumbers.contains((String) each.get("trackingNumber")) ? with(each, mark) : each)
                        .toList());
        return marked;
    }

    /** What was paid in beforehand; of those that ask for that only. */
    PrepaidAccount account() {
        return account;
    }

    boolean isPrepaid() {
        return profile.prepaid();
    }

    TrackingDesk tracking() {
        return tracking;
    }

    PickupBook pickups() {
        return pickups;
    }

    QuoteDesk quotes() {
        return quotes;
    }

    Optional<Map<String, Object>> taken(String key) {
        return consignments.find(key);
    }

    Optional<Map<String, Object>> refused(String key) {
        return refusals.find(key);
    }

    /** The packages of what was taken. */
    static List<Taken> packages(Map<String, Object> consignment) {
        return packageMaps(consignment).stream()
                .map(each -> new Taken((Integer) each.get("number"), (String) each.get("trackingNumber")))
                .toList();
    }

    @SuppressWarnings("unchecked")
    static List<Map<String, Object>> packageMaps(Map<String, Object> consignment) {
        return (List<Map<String, Object>>) consignment.get("packages");
    }

    List<Map<String, Object>> all() {
        return consignments.all();
    }

    private Map<String, Object> consignment(String key, ConsignmentOrder order, BigDecimal price) {
        List<Map<String, Object>> packages = new ArrayList<>();
        for (ConsignmentOrder.Parcel each : order.packages()) {
            packages.add(Map.of(
                    "number",
                    each.number(),
                    "weightGrams",
                    each.weightGrams(),
                    "trackingNumber",
                    profile.numbers().number(nextNumber(packages.size()))));
        }
        Map<String, Object> consignment = new LinkedHashMap<>();
        consignment.put("key", key);
        consignment.put("consignment", profile.path().toUpperCase(Locale.ROOT) + "-" + (consignments.size() + 1));
        consignment.put("service", order.service());
        consignment.put("shipDate", order.shipDate());
        consignment.put("expectedOn", order.expectedOn());
        consignment.put("fromTown", order.from().town());
        consignment.put("fromState", order.from().state());
        consignment.put("toTown", order.receiver().city());
        consignment.put("toState", order.receiver().state());
        consignment.put("reference", order.reference());
        consignment.put("receiver", order.receiver().name());
        consignment.put(
                "city",
                order.receiver().city() + ", " + order.receiver().state() + " "
                        + order.receiver().postalCode());
        consignment.put("quote", order.quote());
        consignment.put("price", price.toPlainString());
        consignment.put("packages", packages);
        return consignment;
    }

    private int nextNumber(int ahead) {
        int given = consignments.all().stream()
                .mapToInt(each -> ((List<?>) each.get("packages")).size())
                .sum();
        return FIRST_NUMBER + given + ahead;
    }
}
