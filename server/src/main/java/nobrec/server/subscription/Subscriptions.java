package nobrec.server.subscription;

import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.core.telling.Moment;
import nobrec.server.audit.AuditLog;
import nobrec.server.connection.Adapters;
import nobrec.server.connection.Connections;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.platform.outbox.NewEntry;
import nobrec.server.platform.outbox.Outbox;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who subscribes to which events. */
@Service
class Subscriptions {

    private static final Duration TIME_LIMIT = Duration.ofSeconds(5);
    private static final int SHORT_CODE = 8;

    /** So many events are sent again at most. */
    static final int MOST_AGAIN = 1_000;

    /** @param isCalled whether it is called for each; else it comes for them */
    record Subscription(
            String code,
            int version,
            boolean active,
            Set<Moment> moments,
            boolean isCalled,
            String name,
            String address,
            boolean hasSecret) {}

    private final SubscriptionMapper mapper;
    private final Connections connections;
    private final Adapters<EventPort> ports;
    private final Outbox outbox;
    private final SetUpVersion setUpVersion;
    private final Remembered<List<Subscription>> known;
    private final AuditLog auditLog;
    private final Clock clock;

    Subscriptions(
            SubscriptionMapper mapper,
            Connections connections,
            List<EventPort> ports,
            Outbox outbox,
            SetUpVersion setUpVersion,
            AuditLog auditLog,
            Clock clock) {
        this.mapper = mapper;
        this.connections = connections;
        this.ports = new Adapters<>(ports);
        this.outbox = outbox;
        this.setUpVersion = setUpVersion;
        this.known = new Remembered<>(setUpVersion, this::read);
        this.auditLog = auditLog;
        this.clock = clock;
    }

    private List<Subscription> read() {
        return mapper.all().stream()
                .flatMap(row -> connections.find(row.code()).map(each -> subscription(row, each)).stream())
                .toList();
    }

    private static Subscription subscription(SubscriptionRow row, Connections.Named connection) {
        return new Subscription(
                row.code(),
                row.version(),
                row.active(),
                row.read(),
                !connection.adapter().equals(EventPort.FETCHED),
                connection.name(),
                connection.address(),
                connection.hasSecret());
    }

    List<Subscription> all() {
        return known.get();
    }

    Subscription coded(String code) {
        return all().stream()
                .filter(each -> each.code().equals(code))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("Subscription " + code, "Look at the list again."));
    }

    /**
     * How a subscriber is set up.
     *
     * @param address to be called at; empty text where it comes for the events
     * @param secret a new one; empty where the kept one stays
     */
    record Entry(
            int version, String name, boolean active, Set<Moment> moments, String address, Optional<String> secret) {}

    @Transactional
    public String add(Entry entry, String signIn) {
        if (mapper.all().size() >= Limits.TARGETS) {
            throw Refusal.conflict("The list of subscribers", "It is full.", "Change one that is not needed any more.");
        }
        String code = "EVENTS_"
                + UUID.randomUUID().toString().substring(0, SHORT_CODE).toUpperCase(Locale.ROOT);
        if (entry.secret().isEmpty()) {
            throw noSecret(entry.name());
        }
        keep(code, entry, signIn);
        return code;
    }

    private static Refusal noSecret(String name) {
        return Refusal.unusable(
                name, "What is sent is signed with a secret, and there is none.", "Write one that both sides know.");
    }

    @Transactional
    public void change(String code, Entry entry, String signIn) {
        SubscriptionRow now = mapper.locked(code)
                .orElseThrow(() -> Refusal.notFound("Subscription " + code, "Look at the list again."));
        if (now.version() != entry.version()) {
            throw Refusal.changedSince(entry.name(), "Somebody changed it meanwhile.", "Reload the page.");
        }
        keep(code, entry, signIn);
    }

    private void keep(String code, Entry entry, String signIn) {
        if (entry.moments().isEmpty()) {
            throw Refusal.unusable(entry.name(), "It subscribes to nothing.", "Choose at least one event.");
        }
        boolean called = !entry.address().isBlank();
        connections.reconnect(
                new Connections.Reconnected(
                        code,
                        entry.name(),
                        called
                                ? entry.address()
                                : "fetched://" + code.toLowerCase(Locale.ROOT).replace('_', '-'),
                        TIME_LIMIT,
                        entry.secret()),
                ports.named(entry.name(), called ? EventPort.CALLED : EventPort.FETCHED),
                signIn);
        mapper.keep(
                new SubscriptionRow(code, 0, entry.active(), SubscriptionRow.written(entry.moments())),
                signIn,
                clock.instant());
        setUpVersion.changed();
        auditLog.write(signIn, "set up who is sent events", entry.name(), entry.active() ? "counts" : "does not count");
    }

    /** A part of what a subscriber may read, behind a number. */
    List<EventRow> feed(Subscription subscription, long behind, int limit) {
        return mapper.behind(behind, subscription.moments(), limit);
    }

    /** All that there was behind a number. */
    List<EventRow> log(long behind, int limit) {
        return mapper.behind(behind, Set.of(Moment.values()), limit);
    }

    /** @return how many are sent again */
    @Transactional
    public int sendAgain(String code, long from, String signIn) {
        Subscription subscription = coded(code);
        if (!subscription.isCalled()) {
            throw Refusal.unusable(subscription.name(), "It comes for the events itself.", "Let it read from there.");
        }
        List<NewEntry> entries = new ArrayList<>();
        for (EventRow row : mapper.behind(from - 1, subscription.moments(), MOST_AGAIN)) {
            entries.add(EventWriter.entry(code, row, row.number() == null ? 0 : row.number()));
        }
        if (!entries.isEmpty()) {
            outbox.add(entries);
        }
        auditLog.write(signIn, "had events sent again", subscription.name(), entries.size() + " from number " + from);
        return entries.size();
    }
}
