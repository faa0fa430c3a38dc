package nobrec.standins.carrier;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import nobrec.standins.store.RecordStore;

/** Says what has become of packages, by the clock of whoever asks; of what was not collected it says nothing yet. */
final class TrackingDesk {

    /** @param known whether there is such a package */
    record News(String trackingNumber, boolean known, String expectedOn, List<Journey.Event> events) {}

    private final RecordStore consignments;
    private final RecordStore fates;
    private final Map<String, String> keys = new ConcurrentHashMap<>();
    private volatile Duration ahead = Duration.ZERO;

    TrackingDesk(String carrier, Path folder, RecordStore consignments) {
        this.consignments = consignments;
        this.fates = new RecordStore(folder.resolve(carrier + "-fates.json"));
        consignments.all().forEach(this::note);
    }

    /** A consignment that was taken. */
    void note(Map<String, Object> consignment) {
        ConsignmentBook.packages(consignment)
                .forEach(each -> keys.put(each.trackingNumber(), (String) consignment.get("key")));
    }

    List<News> news(List<String> trackingNumbers, Instant askedAt) {
        ahead = Duration.between(Clock.systemUTC().instant(), askedAt);
        return trackingNumbers.stream().map(number -> news(number, askedAt)).toList();
    }

    /** All that has happened by the clock of who asked last, to be told unasked. */
    List<News> allNews() {
        Instant now = Clock.systemUTC().instant().plus(ahead);
        return keys.keySet().stream()
                .sorted()
                .map(number -> news(number, now))
                .filter(each -> !each.events().isEmpty())
                .toList();
    }

    private News news(String number, Instant now) {
        Optional<Map<String, Object>> there =
                Optional.ofNullable(keys.get(number)).flatMap(consignments::find);
        if (there.isEmpty()) {
            return new News(number, false, "", List.of());
        }
        if (!isCollected(there.get(), number)) {
            return new News(number, true, "", List.of());
        }
        Journey journey = journey(number, there.get());
        OffsetDateTime at = OffsetDateTime.ofInstant(now, ZoneOffset.UTC);
        return new News(
                number,
                true,
                journey.expectedAt(at).toString(),
                journey.events().stream()
                        .filter(event -> !event.at().isAfter(at))
                        .toList());
    }

    private static boolean isCollected(Map<String, Object> consignment, String number) {
        return !consignment.containsKey("void")
                && (consignment.containsKey("collected")
                        || ConsignmentBook.packageMaps(consignment).stream()
                                .anyMatch(each -> each.get("trackingNumber").equals(number)
                                        && each.containsKey("collected")
                                        && !each.containsKey("void")));
    }

    private Journey journey(String number, Map<String, Object> consignment) {
        LocalDate left = LocalDate.parse((String) consignment.get("shipDate"));
        String expected = (String) consignment.getOrDefault("expectedOn", "");
        return new Journey(
                number,
                place(consignment, "from"),
                place(consignment, "to"),
                left,
                expected.isEmpty() ? left.plusDays(2) : LocalDate.parse(expected),
                fate(number));
    }

    private static Journey.Place place(Map<String, Object> consignment, String end) {
        return new Journey.Place((String) consignment.getOrDefault(end + "Town", ""), (String)
                consignment.getOrDefault(end + "State", ""));
    }

    private Journey.Fate fate(String number) {
        return fates.find(number)
                .map(each -> Journey.Fate.valueOf((String) each.get("fate")))
                .orElseGet(() -> Journey.Fate.of(number));
    }

    /** For trying: what is to become of a package. */
    void decide(String trackingNumber, String fate) {
        fates.put(trackingNumber, Map.of("fate", Journey.Fate.valueOf(fate).name()));
    }

    /** Those collected, with what becomes of each. */
    List<Map<String, Object>> underway() {
        List<Map<String, Object>> rows = new ArrayList<>();
        for (String number : keys.keySet().stream().sorted().toList()) {
            if (consignments
                    .find(keys.get(number))
                    .filter(each -> isCollected(each, number))
                    .isPresent()) {
                rows.add(Map.of("number", number, "fate", fate(number).words()));
            }
        }
        return rows;
    }

    static List<Map<String, String>> fates() {
        List<Map<String, String>> all = new ArrayList<>();
        for (Journey.Fate each : Journey.Fate.values()) {
            all.add(Map.of("value", each.name(), "words", each.words()));
        }
        return all;
    }
}
