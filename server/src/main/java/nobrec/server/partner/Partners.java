package nobrec.server.partner;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import nobrec.core.identifier.Sscc;
import nobrec.core.limit.Limits;
import nobrec.core.partner.NoticeForm;
import nobrec.core.partner.PartnerProfile;
import nobrec.core.partner.ShopNumbers;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.connection.Adapters;
import nobrec.server.connection.Connections;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The trading partners of the shop, and the numbers by which they know it. */
@Service
public class Partners {

    private static final Duration TIME_LIMIT = Duration.ofSeconds(5);
    private static final int SHORT_CODE = 8;

    /** @param byCustomer partners whose demands count, by the customer's name in small letters */
    private record Known(List<Partner> all, Map<String, Partner> byCustomer, ShopNumbers numbers) {}

    private final PartnerMapper mapper;
    private final SsccMapper ssccs;
    private final Connections connections;
    private final Adapters<PartnerPort> ports;
    private final SetUpVersion setUpVersion;
    private final Remembered<Known> known;
    private final JsonMapper json;
    private final AuditLog auditLog;
    private final Clock clock;

    Partners(
            PartnerMapper mapper,
            SsccMapper ssccs,
            Connections connections,
            List<PartnerPort> ports,
            SetUpVersion setUpVersion,
            JsonMapper json,
            AuditLog auditLog,
            Clock clock) {
        this.mapper = mapper;
        this.ssccs = ssccs;
        this.connections = connections;
        this.ports = new Adapters<>(ports);
        this.setUpVersion = setUpVersion;
        this.known = new Remembered<>(setUpVersion, this::read);
        this.json = json;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    private Known read() {
        List<Partner> all = mapper.all().stream().map(this::partner).toList();
        Map<String, Partner> byCustomer = all.stream()
                .filter(Partner::active)
                .flatMap(each -> each.profile().customers().stream().map(customer -> Map.entry(key(customer), each)))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, (one, other) -> one));
        return new Known(all, byCustomer, mapper.setUp().orElse(SetUpRow.NONE).numbers());
    }

    private Partner partner(PartnerRow row) {
        return new Partner(
                row.code(), row.version(), row.active(), json.readValue(row.profile(), PartnerProfile.class));
    }

    private static String key(String customer) {
        return customer.strip().toLowerCase(Locale.ROOT);
    }

    public List<Partner> all() {
        return known.get().all();
    }

    /** Whose demands count for a customer. */
    public Optional<Partner> of(String customer) {
        return Optional.ofNullable(known.get().byCustomer().get(key(customer)));
    }

    /** @throws Refusal where there is none */
    public Partner coded(String code) {
        return all().stream()
                .filter(each -> each.code().equals(code))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("Partner " + code, "Look at the list again."));
    }

    /** What people call it; the code itself where it is not set up any more. */
    public String name(String code) {
        return connections.name(code);
    }

    public ShopNumbers numbers() {
        return known.get().numbers();
    }

    public PartnerPort port(Partner partner) {
        return ports.of(connections.to(partner.code()));
    }

    /** The number of the next interchange to a partner; to be called in the transaction that keeps what it is for. */
    @Transactional
    public int nextControl(String code) {
        int next = mapper.nextControlLocked(code);
        mapper.keepNextControl(code, next == Limits.INTERCHANGE_CONTROL ? 1 : next + 1);
        return next;
    }

    /** How many numbers of packages are left; empty while the shop has no prefix. */
    public Optional<Long> left() {
        ShopNumbers numbers = numbers();
        return numbers.companyPrefix()
                .map(prefix -> Sscc.serialsOf(prefix)
                        - ssccs.nextSerial(prefix.digits(), numbers.extensionDigit())
                                .orElse(1L));
    }

    SetUpRow setUp() {
        return mapper.setUp().orElse(SetUpRow.NONE);
    }

    /** @param version that was looked at */
    @Transactional
    public void change(ShopNumbers numbers, int version, String signIn) {
        SetUpRow now = mapper.setUpLocked().orElse(SetUpRow.NONE);
        requireVersion("Our numbers", now.version(), version);
        mapper.all().stream()
                .map(this::partner)
                .filter(Partner::active)
                .forEach(each -> each.profile().requireMetBy(numbers));
        SetUpRow row = SetUpRow.of(version, numbers);
        mapper.keepSetUp(row, signIn, clock.instant());
        setUpVersion.changed();
        auditLog.write(
                signIn, "changed our numbers for partners", "Prefix " + row.companyPrefix(), row.interchangeId());
    }

    /**
     * How a partner is reached.
     *
     * @param adapter that speaks with it
     * @param address as it is typed
     * @param secret a new one for both sides; empty where the kept one stays
     */
    public record Reach(String adapter, String address, Optional<String> secret) {}

    /** Adds one under a code of its own: nobody reads it, and two who add partners at once get two. */
    @Transactional
    public void add(PartnerProfile profile, boolean active, Reach reach, String signIn) {
        String code = "PARTNER_"
                + UUID.randomUUID().toString().substring(0, SHORT_CODE).toUpperCase(Locale.ROOT);
        add(new Partner(code, 0, active, profile), reach, signIn);
    }

    @Transactional
    public void add(Partner fresh, Reach reach, String signIn) {
        if (mapper.all().size() >= Limits.PARTNERS) {
            throw Refusal.conflict("The list of partners", "It is full.", "Change one that is not needed any more.");
        }
        keep(fresh, reach, "added a partner", signIn);
    }

    /** @param changed with the version that was looked at */
    @Transactional
    void change(Partner changed, Reach reach, String signIn) {
        PartnerRow now = mapper.locked(changed.code())
                .orElseThrow(() -> Refusal.notFound("Partner " + changed.code(), "Look at the list again."));
        requireVersion(now.name(), now.version(), changed.version());
        keep(changed, reach, "changed a partner", signIn);
    }

    private void keep(Partner partner, Reach reach, String act, String signIn) {
        PartnerProfile profile = partner.profile();
        if (partner.active()) {
            profile.requireMetBy(mapper.setUp().orElse(SetUpRow.NONE).numbers());
        }
        requireNameFree(partner);
        requireSecret(partner, reach);
        mapper.forgetCustomers(partner.code());
        Map<String, String> customers = profile.customers().stream()
                .collect(Collectors.toMap(Partners::key, Function.identity(), (one, other) -> one));
        for (String customer : customers.values()) {
            mapper.partnerOf(customer).ifPresent(other -> {
                throw Refusal.conflict(
                        "Customer “" + customer + "”",
                        "It belongs to " + coded(other).name() + ".",
                        "Take it off there first.");
            });
            mapper.keepCustomer(customer, partner.code());
        }
        mapper.keep(
                new PartnerRow(partner.code(), 0, partner.name(), partner.active(), json.writeValueAsString(profile)),
                signIn,
                clock.instant());
        connections.reconnect(
                new Connections.Reconnected(
                        partner.code(), partner.name(), reach.address(), TIME_LIMIT, reach.secret()),
                ports.named(partner.name(), reach.adapter()),
                signIn);
        setUpVersion.changed();
        auditLog.write(signIn, act, partner.name(), profile.form().words());
    }

    /** Who comes for notices is known by nothing else. */
    private void requireSecret(Partner partner, Reach reach) {
        boolean fetches = ports.named(partner.name(), reach.adapter()).isFetched()
                && partner.profile().form() != NoticeForm.NONE;
        boolean hasSecret = reach.secret().isPresent()
                || connections
                        .find(partner.code())
                        .filter(Connections.Named::hasSecret)
                        .isPresent();
        if (fetches && !hasSecret) {
            throw Refusal.unusable(
                    partner.name(),
                    "Whoever comes for its notices signs with a secret, and there is none.",
                    "Write one that both sides know.");
        }
    }

    private void requireNameFree(Partner partner) {
        boolean taken = mapper.all().stream()
                .anyMatch(row -> row.name().equalsIgnoreCase(partner.name())
                        && !row.code().equals(partner.code()));
        if (taken) {
            throw Refusal.conflict(
                    "Partner “" + partner.name() + "”", "There is one of that name.", "Give it another name.");
        }
    }

    private static void requireVersion(String thing, int now, int lookedAt) {
        if (now != lookedAt) {
            throw Refusal.changedSince(thing, "Somebody changed it meanwhile.", "Reload the page.");
        }
    }
}
