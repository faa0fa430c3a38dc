package nobrec.server.tracking;

import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.core.tracking.TrackingEvent;
import nobrec.server.carrier.PackageNews;
import nobrec.server.platform.Shortened;

/**
 * What a carrier says of a package, as far as it can be used: what cannot is left out, and said.
 *
 * @param events each key once
 * @param fault what could not be used, and why; empty text where all could
 */
record CheckedNews(String trackingNumber, List<TrackingEvent> events, Optional<LocalDate> expectedOn, String fault) {

    private static final int LONGEST_KEY = 80;
    private static final int LONGEST_PLACE = 120;
    private static final int LONGEST_TEXT = 300;
    private static final int LONGEST_FAULT = 500;
    private static final int MOST_EVENTS = 200;

    /** A carrier's clock may be ahead of ours by so much. */
    private static final Duration AHEAD = Duration.ofMinutes(10);

    static CheckedNews of(PackageNews news, Instant now) {
        if (!news.known()) {
            return new CheckedNews(
                    news.trackingNumber(), List.of(), Optional.empty(), "The carrier does not know this number.");
        }
        Map<String, TrackingEvent> events = new LinkedHashMap<>();
        List<String> faults = new ArrayList<>();
        for (PackageNews.Said said : news.events().stream().limit(MOST_EVENTS).toList()) {
            String fault = faultOf(said, now);
            if (fault.isEmpty()) {
                events.putIfAbsent(said.key(), event(said));
            } else {
                faults.add(fault);
            }
        }
        if (news.events().size() > MOST_EVENTS) {
            faults.add("Of " + news.events().size() + " events only " + MOST_EVENTS + " are read.");
        }
        return new CheckedNews(
                news.trackingNumber(),
                List.copyOf(events.values()),
                day(news.expectedOn()),
                Shortened.to(LONGEST_FAULT, String.join(" ", faults)));
    }

    private static String faultOf(PackageNews.Said said, Instant now) {
        if (said.key().isBlank() || said.key().length() > LONGEST_KEY) {
            return "An event has no usable number.";
        }
        if (said.kind().isEmpty()) {
            return "Event code “" + Shortened.to(LONGEST_KEY, clean(said.code())) + "” means nothing to us.";
        }
        Optional<OffsetDateTime> at = time(said.at());
        if (at.isEmpty()) {
            return "“" + Shortened.to(LONGEST_KEY, clean(said.at())) + "” is no time with its difference from UTC.";
        }
        if (at.get().toInstant().isAfter(now.plus(AHEAD))) {
            return "An event of " + at.get() + " has not happened yet.";
        }
        return at.get().toLocalDate().isBefore(Limits.FIRST_DAY) ? "An event of " + at.get() + " is too old." : "";
    }

    private static TrackingEvent event(PackageNews.Said said) {
        return new TrackingEvent(
                said.key(),
                said.kind().orElseThrow(),
                time(said.at()).orElseThrow(),
                Shortened.to(LONGEST_PLACE, clean(said.place())),
                Shortened.to(LONGEST_TEXT, clean(said.text())));
    }

    /** In one line. */
    private static String clean(String text) {
        return text.replaceAll("\\p{Cntrl}+", " ").strip();
    }

    private static Optional<OffsetDateTime> time(String text) {
        try {
            return Optional.of(OffsetDateTime.parse(text));
        } catch (DateTimeException none) {
            return Optional.empty();
        }
    }

    private static Optional<LocalDate> day(String text) {
        try {
            return Optional.of(LocalDate.parse(text))
                    .filter(day -> !day.isBefore(Limits.FIRST_DAY) && !day.isAfter(Limits.LAST_DAY));
        } catch (DateTimeException none) {
            return Optional.empty();
        }
    }
}
