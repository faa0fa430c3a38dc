package nobrec.standins.carrier;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What becomes of one package, from the pickup to the door; which fate it has is decided by its number, unless it was told. */
final class Journey {

    /** How a journey goes. */
    enum Fate {
        ON_TIME("on time", 80),
        A_DAY_LATE("a day late", 7),
        DAYS_LATE("four days late", 3),
        NOBODY_THERE("nobody there at first", 3),
        DAMAGED("damaged on the way", 2),
        REFUSED("refused at the door, sent back", 2),
        LOST("lost", 3);

        private final String words;
        private final int ofHundred;

        Fate(String words, int ofHundred) {
            this.words = words;
            this.ofHundred = ofHundred;
        }

        String words() {
            return words;
        }

        static Fate of(String trackingNumber) {
            int rest = Math.floorMod(trackingNumber.hashCode() * 31 + 7, 100);
            for (Fate each : values()) {
                rest -= each.ofHundred;
                if (rest < 0) {
                    return each;
                }
            }
            return ON_TIME;
        }
    }

    /** @param at in the time of the place */
    record Event(String id, String code, OffsetDateTime at, String place, String text) {}

    /** A town with its state. */
    record Place(String town, String state) {
        ZoneId zone() {
            return ZoneId.of(ZONES.getOrDefault(state, "America/New_York"));
        }

        String words() {
            return state.isEmpty() ? town : town + ", " + state;
        }
    }

    private static final Map<String, String> ZONES = Map.ofEntries(
            zone("America/Chicago", "AL"),
            zone("America/Chicago", "AR"),
            zone("America/Chicago", "IA"),
            zone("America/Chicago", "IL"),
            zone("America/Chicago", "KS"),
            zone("America/Chicago", "LA"),
            zone("America/Chicago", "MN"),
            zone("America/Chicago", "MO"),
            zone("America/Chicago", "MS"),
            zone("America/Chicago", "ND"),
            zone("America/Chicago", "NE"),
            zone("America/Chicago", "OK"),
            zone("America/Chicago", "SD"),
            zone("America/Chicago", "TN"),
            zone("America/Chicago", "TX"),
            zone("America/Chicago", "WI"),
            zone("America/Denver", "CO"),
            zone("America/Denver", "ID"),
            zone("America/Denver", "MT"),
            zone("America/Denver", "NM"),
            zone("America/Denver", "UT"),
            zone("America/Denver", "WY"),
            zone("America/Phoenix", "AZ"),
            zone("America/Los_Angeles", "CA"),
            zone("America/Los_Angeles", "NV"),
            zone("America/Los_Angeles", "OR"),
            zone("America/Los_Angeles", "WA"),
            zone("America/Anchorage", "AK"),
            zone("Pacific/Honolulu", "HI"));

    private static final LocalTime PICKUP = LocalTime.of(17, 40);
    private static final LocalTime EVENING = LocalTime.of(21, 15);
    private static final LocalTime NIGHT = LocalTime.of(4, 50);
    private static final LocalTime MORNING = LocalTime.of(7, 45);
    private static final LocalTime NOON = LocalTime.of(12, 10);
    private static final int SHIFT_MINUTES = 60;
    private static final int DOOR_MINUTES = 420;
    private static final int DAYS_LATE = 4;
    private static final int DAYS_UNTIL_LOST = 6;

    private final String trackingNumber;
    private final Place from;
    private final Place to;
    private final LocalDate left;
    private final LocalDate expected;
    private final Fate fate;
    private final List<Event> events = new ArrayList<>();

    Journey(String trackingNumber, Place from, Place to, LocalDate left, LocalDate expected, Fate fate) {
        this.trackingNumber = trackingNumber;
        this.from = from;
        this.to = to;
        this.left = left;
        this.expected = expected.isAfter(left) ? expected : left.plusDays(1);
        this.fate = fate;
        travel();
    }

    private static Map.Entry<String, String> zone(String zone, String state) {
        return Map.entry(state, zone);
    }

    /** All of it, whenever it happens. */
    List<Event> events() {
        return List.copyOf(events);
    }

    /** The day on which the carrier expects to deliver, by what has happened until then. */
    LocalDate expectedAt(OffsetDateTime now) {
        boolean delayed = events.stream()
                .anyMatch(
                        event -> (event.code().equals("DELAYED") || event.code().equals("NOT_DELIVERED"))
                                && !event.at().isAfter(now));
        return delayed ? expected.plusDays(fate == Fate.DAYS_LATE ? DAYS_LATE : 1) : expected;
    }

    private void travel() {
        add("PICKED_UP", left, PICKUP, from, "Picked up");
        add("IN_TRANSIT", left, EVENING, from, "Left the depot");
        if (fate == Fate.LOST) {
            add("LOST", left.plusDays(DAYS_UNTIL_LOST), NOON, from, "Cannot be found in the depot");
            return;
        }
        for (LocalDate day = left.plusDays(1); day.isBefore(expected); day = day.plusDays(1)) {
            add("IN_TRANSIT", day, NIGHT, between(day), "Arrived at the depot");
        }
        if (fate == Fate.DAMAGED) {
            add("DAMAGED", expected, NIGHT, to, "Damaged, held at the depot");
            return;
        }
        add("IN_TRANSIT", expected, NIGHT, to, "Arrived at the depot");
        arrive();
    }

    private void arrive() {
        switch (fate) {
            case A_DAY_LATE -> late(1, "Missed the sorting");
            case DAYS_LATE -> late(DAYS_LATE, "Held up by the weather");
            case NOBODY_THERE -> {
                add("OUT_FOR_DELIVERY", expected, MORNING, to, "Out for delivery");
                add("NOT_DELIVERED", expected, NOON, to, "Nobody was there");
                toTheDoor(expected.plusDays(1));
            }
            case REFUSED -> {
                add("OUT_FOR_DELIVERY", expected, MORNING, to, "Out for delivery");
                add("REFUSED", expected, NOON, to, "Refused by the receiver");
                add("RETURNED", expected.plusDays(2), NOON, to, "On its way back to the sender");
            }
            default -> toTheDoor(expected);
        }
    }

    private void late(int days, String why) {
        add("DELAYED", expected, MORNING, to, why);
        toTheDoor(expected.plusDays(days));
    }

    private void toTheDoor(LocalDate day) {
        add("OUT_FOR_DELIVERY", day, MORNING, to, "Out for delivery");
        LocalTime door = MORNING.plusHours(1).plusMinutes(shift(DOOR_MINUTES));
        events.add(event("DELIVERED", day, door, to, "Delivered at the door"));
    }

    /** A depot on the way: nearer to where it comes from in the first half. */
    private Place between(LocalDate day) {
        return day.toEpochDay() - left.toEpochDay() <= expected.toEpochDay() - day.toEpochDay() ? from : to;
    }

    private void add(String code, LocalDate day, LocalTime time, Place place, String text) {
        events.add(event(code, day, time.plusMinutes(shift(SHIFT_MINUTES) / 2), place, text));
    }

    private Event event(String code, LocalDate day, LocalTime time, Place place, String text) {
        return new Event(
                trackingNumber + "-" + (events.size() + 1),
                code,
                day.atTime(time).atZone(place.zone()).toOffsetDateTime(),
                place.words(),
                text);
    }

    private int shift(int range) {
        return Math.floorMod(trackingNumber.hashCode(), range);
    }
}
