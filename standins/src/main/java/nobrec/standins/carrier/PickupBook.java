package nobrec.standins.carrier;

import java.nio.file.Path;
import java.time.LocalTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nobrec.standins.store.RecordStore;

/** The pickups that one carrier was asked for, by key; its drivers are out until seven in the evening. */
final class PickupBook {

    private static final LocalTime LAST = LocalTime.of(19, 0);

    private final String prefix;
    private final RecordStore pickups;

    PickupBook(String path, Path folder) {
        this.prefix = path.toUpperCase(Locale.ROOT);
        this.pickups = new RecordStore(folder.resolve(path + "-pickups.json"));
    }

    /**
     * Takes a request, once for a key.
     *
     * @return the number that confirms it
     * @throws IllegalArgumentException when no driver is out at that time
     */
    synchronized String ask(String key, String day, String from, String until, int packages) {
        if (!LocalTime.parse(from).isBefore(LAST)) {
            throw new IllegalArgumentException("No driver is out after 7 PM.");
        }
        Map<String, Object> pickup = pickups.once(key, () -> {
            Map<String, Object> record = new LinkedHashMap<>();
            record.put("key", key);
            record.put("number", prefix + "-P" + (pickups.size() + 1));
            record.put("day", day);
            record.put("from", from);
            record.put("until", until);
            record.put("packages", packages);
            return record;
        });
        return (String) pickup.get("number");
    }

    /** @throws IllegalArgumentException when there is no such pickup */
    synchronized String callOff(String number) {
        Map<String, Object> there = pickups.all().stream()
                .filter(each -> number.equals(each.get("number")))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no pickup " + number + "."));
        Map<String, Object> off = new LinkedHashMap<>(there);
        off.put("off", true);
        pickups.put((String) there.get("key"), off);
        return "Pickup " + number + " is off.";
    }

    List<Map<String, Object>> all() {
        return pickups.all();
    }
}
