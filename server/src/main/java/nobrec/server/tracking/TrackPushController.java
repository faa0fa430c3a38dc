package nobrec.server.tracking;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.server.api.security.ForSignedCalls;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.PackageNews;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.connection.SignedCalls;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Carriers say unasked what becomes of packages, in their own form. What comes again, or late, changes nothing. */
@RestController
@Tag(name = "events")
class TrackPushController {

    private static final int LONGEST_BODY = 200_000;
    private static final int MOST_PACKAGES = 500;
    private static final int SHOWN = 5;

    /**
     * @param learned how many events were new
     * @param unknown numbers that are none of ours, the first of them
     * @param faults what could not be used, the first of it
     */
    record Learned(int learned, List<String> unknown, List<String> faults) {}

    private final TrackMapper mapper;
    private final TrackKeeper keeper;
    private final CarrierGateway gateway;
    private final ServiceCatalog catalog;
    private final SignedCalls signedCalls;
    private final Clock clock;

    TrackPushController(
            TrackMapper mapper,
            TrackKeeper keeper,
            CarrierGateway gateway,
            ServiceCatalog catalog,
            SignedCalls signedCalls,
            Clock clock) {
        this.mapper = mapper;
        this.keeper = keeper;
        this.gateway = gateway;
        this.catalog = catalog;
        this.signedCalls = signedCalls;
        this.clock = clock;
    }

    /**
     * @param signature HMAC-SHA-256 (RFC 2104) of the body with the secret of the carrier's connection, in hexadecimal
     * @param body what the carrier says, in the form in which it answers
     */
    @PostMapping("/api/v1/events/carriers/{code}/tracking")
    @ForSignedCalls
    Learned learn(
            @PathVariable String code,
            @RequestHeader("Nobrec-Signature") @NotNull @Size(max = Limits.TEXT) String signature,
            @RequestBody @NotNull @Size(max = LONGEST_BODY) String body) {
        signedCalls.require(code, signature, body);
        OutsideAnswer<List<PackageNews>> read = gateway.readPushed(catalog.carrier(code), body);
        if (!(read instanceof OutsideAnswer.Accepted<List<PackageNews>> accepted)) {
            throw Refusal.unusable(
                    "What the carrier says",
                    read instanceof OutsideAnswer.Refused<List<PackageNews>> refused
                            ? refused.reason()
                            : read.whyOpen(),
                    "Send it in the form of its answers.");
        }
        if (accepted.result().size() > MOST_PACKAGES) {
            throw Refusal.unusable(
                    "What the carrier says",
                    "It is about more than " + MOST_PACKAGES + " packages.",
                    "Send it in parts.");
        }
        return keep(code, accepted.result());
    }

    private Learned keep(String carrier, List<PackageNews> news) {
        Instant now = clock.instant();
        Map<String, TrackRow> ours = news.isEmpty()
                ? Map.of()
                : mapper
                        .byNumbers(
                                news.stream().map(PackageNews::trackingNumber).toList())
                        .stream()
                        .filter(track -> track.carrierCode().equals(carrier))
                        .collect(Collectors.toMap(TrackRow::trackingNumber, track -> track));
        int learned = 0;
        List<String> unknown = new ArrayList<>();
        List<String> faults = new ArrayList<>();
        for (PackageNews each : news) {
            TrackRow track = ours.get(each.trackingNumber());
            CheckedNews checked = CheckedNews.of(each, now);
            if (track == null) {
                unknown.add(each.trackingNumber());
            } else {
                learned += keeper.learn(track.shipmentId(), checked, true);
            }
            if (!checked.fault().isEmpty()) {
                faults.add(each.trackingNumber() + ": " + checked.fault());
            }
        }
        return new Learned(learned, first(unknown), first(faults));
    }

    private static List<String> first(List<String> all) {
        return all.subList(0, Math.min(SHOWN, all.size()));
    }
}
