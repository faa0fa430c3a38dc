package nobrec.server.subscription;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.core.telling.Moment;
import nobrec.server.api.list.Choice;
import nobrec.server.api.security.ForAdministrators;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.api.security.ForSignedCalls;
import nobrec.server.connection.SignedCalls;
import nobrec.server.platform.outbox.OutboxWorker;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Events for other systems: who subscribes, what there was, and the feed that they read. */
@RestController
@Tag(name = "events")
class SubscriptionController {

    private static final int PART = 100;
    private static final int LONGEST_CURSOR = 20;

    /**
     * @param version that was looked at; zero for a new one
     * @param address to be called at; empty text where it comes for the events
     * @param secret a new one; left out where the kept one stays
     */
    record SubscriptionEntry(
            @Min(0) int version,
            @NotBlank @Size(max = Limits.LAYOUT_NAME) String name,
            boolean active,
            @NotNull @Size(max = 10) Set<@NotNull Moment> moments,
            @NotNull @Size(max = Limits.ADDRESS_OUTSIDE) String address,
            Optional<@Size(max = Limits.SECRET) String> secret) {

        Subscriptions.Entry entry() {
            return new Subscriptions.Entry(
                    version, name.strip(), active, moments, address.strip(), secret.filter(each -> !each.isEmpty()));
        }
    }

    record SubscriptionView(String code, SubscriptionEntry entry, boolean isCalled, boolean hasSecret) {}

    record SubscriptionsView(List<SubscriptionView> rows, List<Choice> moments) {}

    /** @param number from which on events are sent again, this one included */
    record AgainFrom(@Min(1) long number) {}

    record SentAgain(int events) {}

    /** @param body JSON, as it is sent */
    record EventView(long number, Moment moment, String job, Instant at, String body) {}

    /** @param next the number behind which the next ones are */
    record EventList(List<EventView> rows, long next) {}

    /** @param next the number to be given next time */
    record Feed(List<JsonNode> events, long next) {}

    private final Subscriptions subscriptions;
    private final SignedCalls signedCalls;
    private final OutboxWorker worker;
    private final JsonMapper json;

    SubscriptionController(Subscriptions subscriptions, SignedCalls signedCalls, OutboxWorker worker, JsonMapper json) {
        this.subscriptions = subscriptions;
        this.signedCalls = signedCalls;
        this.worker = worker;
        this.json = json;
    }

    @GetMapping("/api/v1/subscriptions")
    @ForAllButPackers
    SubscriptionsView all() {
        return new SubscriptionsView(
                subscriptions.all().stream().map(SubscriptionController::view).toList(),
                Arrays.stream(Moment.values())
                        .filter(Moment::isOfShipment)
                        .map(each -> new Choice(each.name(), each.words()))
                        .toList());
    }

    private static SubscriptionView view(Subscriptions.Subscription each) {
        return new SubscriptionView(
                each.code(),
                new SubscriptionEntry(
                        each.version(),
                        each.name(),
                        each.active(),
                        each.moments(),
                        each.isCalled() ? each.address() : "",
                        Optional.empty()),
                each.isCalled(),
                each.hasSecret());
    }

    @PostMapping("/api/v1/subscriptions")
    @ForAdministrators
    SubscriptionsView add(@RequestBody @Valid SubscriptionEntry entry, Principal who) {
        subscriptions.add(entry.entry(), who.getName());
        return all();
    }

    @PutMapping("/api/v1/subscriptions/{code}")
    @ForAdministrators
    SubscriptionsView change(@PathVariable String code, @RequestBody @Valid SubscriptionEntry entry, Principal who) {
        subscriptions.change(code, entry.entry(), who.getName());
        return all();
    }

    /** Sends events again, at most a thousand; who has them knows them by their numbers. */
    @PostMapping("/api/v1/subscriptions/{code}/again")
    @ForAdministrators
    SentAgain again(@PathVariable String code, @RequestBody @Valid AgainFrom from, Principal who) {
        int events = subscriptions.sendAgain(code, from.number(), who.getName());
        worker.start();
        return new SentAgain(events);
    }

    /** What there was, behind a number. */
    @GetMapping("/api/v1/events-log")
    @ForAllButPackers
    EventList events(@RequestParam(defaultValue = "0") @Min(0) long behind) {
        List<EventView> rows = subscriptions.log(behind, PART).stream()
                .map(row -> new EventView(
                        Objects.requireNonNull(row.number()), row.moment(), row.job(), row.at(), row.body()))
                .toList();
        return new EventList(
                rows, rows.isEmpty() ? behind : rows.get(rows.size() - 1).number());
    }

    /** A subscriber comes for events: the body is the number behind which it wants them, signed with its secret. */
    @PostMapping(path = "/api/v1/events/subscribers/{code}/feed", consumes = MediaType.TEXT_PLAIN_VALUE)
    @ForSignedCalls
    Feed feed(
            @PathVariable String code,
            @RequestBody @Size(max = LONGEST_CURSOR) String body,
            @RequestHeader(name = "Nobrec-Signature", defaultValue = "") @Size(max = Limits.TEXT) String signature) {
        signedCalls.require(code, signature, body);
        Subscriptions.Subscription subscription = subscriptions.coded(code);
        if (!body.strip().matches("[0-9]{1,18}")) {
            throw Refusal.unusable(
                    "The number",
                    "“" + body + "” is none.",
                    "Say behind which number: 0 at first, then what was given as next.");
        }
        if (!subscription.active()) {
            throw Refusal.conflict(subscription.name(), "It does not count now.", "Have it switched on.");
        }
        long behind = Long.parseLong(body.strip());
        List<EventRow> rows = subscriptions.feed(subscription, behind, PART);
        return new Feed(
                rows.stream().map(this::event).toList(),
                rows.isEmpty()
                        ? behind
                        : Objects.requireNonNull(rows.get(rows.size() - 1).number()));
    }

    private JsonNode event(EventRow row) {
        try {
            return json.readTree(EventWriter.numbered(row.body(), Objects.requireNonNull(row.number())));
        } catch (JacksonException never) {
            throw new IllegalStateException("Event " + row.number() + " is no JSON", never);
        }
    }
}
