package nobrec.server.carrier;

import java.util.List;
import java.util.Optional;
import nobrec.core.tracking.TrackingEventKind;

/**
 * What a carrier says of one package, as its adapter reads it; nothing of it is checked yet.
 *
 * @param known whether the carrier knows the number
 * @param expectedOn the day on which it expects to deliver, as it is written; empty text where it says none
 */
public record PackageNews(String trackingNumber, boolean known, String expectedOn, List<Said> events) {

    /**
     * @param kind nothing where the carrier's code means nothing to us
     * @param at with its difference from UTC (ISO 8601), as it is written
     */
    public record Said(
            String key, String code, Optional<TrackingEventKind> kind, String at, String place, String text) {}
}
