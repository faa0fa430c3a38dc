package nobrec.core.tracking;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import nobrec.core.calendar.WorkCalendar;
import org.junit.jupiter.api.Test;

/** Expectations by the meaning of the words; common practice, no source. */
class TrackTest {

    private static final ZoneId CHICAGO = ZoneId.of("America/Chicago");
    private static final WorkCalendar CALENDAR = WorkCalendar.of("US", Set.of());
    private static final LocalDate THURSDAY = LocalDate.parse("2026-12-03");

    private static TrackingEvent event(TrackingEventKind kind, String at) {
        return new TrackingEvent(kind + at, kind, OffsetDateTime.parse(at), "Reno, NV", "");
    }

    private static Track track(TrackingEvent... events) {
        return Track.of(List.of(events));
    }

    @Test
    void anyOrderEndsInTheSameState() {
        Random random = new Random(3);
        TrackingEventKind[] kinds = TrackingEventKind.values();
        for (int round = 0; round < 2_000; round++) {
            List<TrackingEvent> events = new ArrayList<>();
            for (int index = random.nextInt(8); index >= 0; index--) {
                events.add(event(
                        kinds[random.nextInt(kinds.length)],
                        OffsetDateTime.parse("2026-12-01T08:00:00-06:00")
                                .plusHours(random.nextInt(6))
                                .toString()));
            }
            Track first = Track.of(events);
            Collections.shuffle(events, random);
            Track again = Track.of(events);
            assertThat(again.state()).isEqualTo(first.state());
            assertThat(again.exception()).isEqualTo(first.exception());
            assertThat(again.delivered()).isEqualTo(first.delivered());
            assertThat(again.last()).isEqualTo(first.last());
        }
    }

    @Test
    void whatIsDeliveredStaysSoAndTroubleThatIsOverCountsNoMore() {
        TrackingEvent delayed = event(TrackingEventKind.DELAYED, "2026-12-02T08:00:00-06:00");
        TrackingEvent moved = event(TrackingEventKind.MOVED, "2026-12-02T20:00:00-06:00");
        TrackingEvent delivered = event(TrackingEventKind.DELIVERED, "2026-12-03T08:00:00-06:00");
        TrackingEvent lateScan = event(TrackingEventKind.MOVED, "2026-12-03T22:00:00-06:00");
        assertThat(track().state()).isEqualTo(Track.State.EXPECTED);
        assertThat(track(delayed).exception()).contains(delayed);
        assertThat(track(delayed, moved).exception()).isEmpty();
        assertThat(track(delayed, moved, delivered, lateScan).state()).isEqualTo(Track.State.DELIVERED);
    }

    /** 8 in the morning in Reno is after 9:30 in Chicago, whatever the texts look like. */
    @Test
    void timesOfPlacesAreComparedAsMoments() {
        TrackingEvent chicago = event(TrackingEventKind.MOVED, "2026-12-02T09:30:00-06:00");
        TrackingEvent reno = event(TrackingEventKind.OUT_FOR_DELIVERY, "2026-12-02T08:00:00-08:00");
        assertThat(track(reno, chicago).last()).contains(reno);
    }

    @Test
    void aPackageIsAskedAboutMoreOftenWhenDueAndSeldomWhenLost() {
        AskingIntervals intervals = AskingIntervals.USUAL;
        Instant now = Instant.parse("2026-12-03T15:00:00Z");
        Instant anHourAgo = now.minus(Duration.ofHours(1));
        assertThat(intervals.next(Track.State.ON_THE_WAY, anHourAgo, THURSDAY.plusDays(1), now, THURSDAY))
                .contains(now.plus(Duration.ofHours(1)));
        assertThat(intervals.next(Track.State.ON_THE_WAY, anHourAgo, THURSDAY, now, THURSDAY))
                .contains(now.plus(Duration.ofMinutes(20)));
        assertThat(intervals.next(Track.State.ON_THE_WAY, now.minus(Duration.ofDays(11)), THURSDAY, now, THURSDAY))
                .contains(now.plus(Duration.ofDays(7)));
        assertThat(intervals.next(Track.State.DELIVERED, anHourAgo, THURSDAY, now, THURSDAY))
                .isEmpty();
        assertThat(intervals.next(Track.State.ON_THE_WAY, now.minus(Duration.ofDays(121)), THURSDAY, now, THURSDAY))
                .isEmpty();
    }

    // The day it will be there -----------------------------------------------------------------------------------

    private static Forecast forecast(
            Track track, Optional<LocalDate> carrier, Optional<OnTimeRecord> lane, LocalDate today) {
        return Forecast.of(track, new Forecast.Known(THURSDAY, carrier, lane), today, CHICAGO, CALENDAR);
    }

    @Test
    void theForecastIsThePromiseUntilSomethingSpeaksAgainstIt() {
        LocalDate wednesday = THURSDAY.minusDays(1);
        assertThat(forecast(track(), Optional.empty(), Optional.empty(), wednesday)
                        .day())
                .contains(THURSDAY);
        assertThat(forecast(track(), Optional.of(THURSDAY.plusDays(1)), Optional.empty(), wednesday)
                        .day())
                .contains(THURSDAY.plusDays(1));
        OnTimeRecord oftenLate = new OnTimeRecord("postal codes 897…", 9, 12, 2);
        Forecast byExperience = forecast(track(), Optional.empty(), Optional.of(oftenLate), wednesday);
        assertThat(byExperience.day()).contains(THURSDAY.plusDays(1));
        assertThat(byExperience.reason())
                .isEqualTo("Half of the shipments to postal codes 897… came later than promised, usually by 1 day.");
    }

    /** What is late on a Friday and of which nothing is known comes on the Monday at the earliest. */
    @Test
    void whatIsLateComesOnTheNextWorkingDayAtTheEarliest() {
        LocalDate friday = THURSDAY.plusDays(1);
        assertThat(forecast(track(), Optional.empty(), Optional.empty(), friday).day())
                .contains(THURSDAY.plusDays(4));
        Track out = track(event(TrackingEventKind.OUT_FOR_DELIVERY, "2026-12-04T07:45:00-08:00"));
        assertThat(forecast(out, Optional.empty(), Optional.empty(), friday).day())
                .contains(friday);
    }

    @Test
    void ofWhatIsDamagedOrLostNoDayIsSaid() {
        Track lost = track(event(TrackingEventKind.LOST, "2026-12-03T12:00:00-06:00"));
        Forecast none = forecast(lost, Optional.of(THURSDAY.plusDays(1)), Optional.empty(), THURSDAY);
        assertThat(none.day()).isEmpty();
        assertThat(none.reason()).isEqualTo("No day can be said: lost, Reno, NV.");
    }

    // Experience -------------------------------------------------------------------------------------------------

    @Test
    void aShareIsSaidOnlyWhereEnoughIsKnownAndNeverRoundedUp() {
        OnTimeRecord near = new OnTimeRecord("postal codes 537…", 19, 0, 0);
        OnTimeRecord wide = new OnTimeRecord("postal codes 5…", 199, 9, 4);
        assertThat(OnTimeRecord.nearest(List.of(near, wide))).contains(wide);
        // 199 of 212 are 93.87 %
        assertThat(wide.words()).isEqualTo("on time 93 % to postal codes 5…, 212 shipments");
        assertThat(OnTimeRecord.nearest(List.of(near))).isEmpty();
    }

    @Test
    void aShipmentIsOnTimeADayLateLaterOrNeverThere() {
        OnTimeRecord early = OnTimeRecord.of("US537", THURSDAY, Optional.of(THURSDAY.minusDays(1)));
        assertThat(early.onTime()).isEqualTo(1);
        assertThat(OnTimeRecord.of("US537", THURSDAY, Optional.of(THURSDAY.plusDays(1)))
                        .aDayLate())
                .isEqualTo(1);
        assertThat(OnTimeRecord.of("US537", THURSDAY, Optional.of(THURSDAY.plusDays(2)))
                        .later())
                .isEqualTo(1);
        assertThat(OnTimeRecord.of("US537", THURSDAY, Optional.empty()).later()).isEqualTo(1);
        assertThat(new Area("US537").fromNearToWide()).containsExactly("US537", "US5", "");
        assertThat(new Area("CA").fromNearToWide()).containsExactly("CA", "");
    }
}
