package nobrec.server.writeback;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.core.writeback.WriteBackPlan;
import nobrec.server.audit.AuditLog;
import nobrec.server.connection.Adapters;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Connections;
import nobrec.server.connection.Credentials;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.platform.outbox.OutboxTargets;
import nobrec.server.platform.outbox.TargetRow;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The systems that are told, as they are set up. */
@Service
public class WriteBackTargets {

    private static final Duration TIME_LIMIT = Duration.ofSeconds(5);
    private static final int SHORT_CODE = 8;

    private final WriteBackTargetMapper mapper;
    private final Connections connections;
    private final Adapters<WriteBackPort> ports;
    private final List<WriteBackPort> kinds;
    private final OutboxTargets outboxTargets;
    private final SetUpVersion setUpVersion;
    private final Remembered<List<WriteBackTarget>> known;
    private final JsonMapper json;
    private final AuditLog auditLog;
    private final Clock clock;

    WriteBackTargets(
            WriteBackTargetMapper mapper,
            Connections connections,
            List<WriteBackPort> ports,
            OutboxTargets outboxTargets,
            SetUpVersion setUpVersion,
            JsonMapper json,
            AuditLog auditLog,
            Clock clock) {
        this.mapper = mapper;
        this.connections = connections;
        this.kinds = ports;
        this.ports = new Adapters<>(ports);
        this.outboxTargets = outboxTargets;
        this.setUpVersion = setUpVersion;
        this.known = new Remembered<>(
                setUpVersion, () -> mapper.all().stream().map(this::target).toList());
        this.json = json;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    private WriteBackTarget target(WriteBackTargetRow row) {
        return new WriteBackTarget(
                row.code(), row.version(), row.active(), json.readValue(row.plan(), WriteBackPlan.class));
    }

    public List<WriteBackTarget> all() {
        return known.get();
    }

    public Optional<WriteBackTarget> find(String code) {
        return all().stream().filter(each -> each.code().equals(code)).findFirst();
    }

    /** @throws Refusal where there is none */
    public WriteBackTarget coded(String code) {
        return find(code).orElseThrow(() -> Refusal.notFound("Write-backs to " + code, "Look at the list again."));
    }

    List<WriteBackPort> kinds() {
        return kinds;
    }

    WriteBackPort port(Connection connection) {
        return ports.of(connection);
    }

    WriteBackPort named(String adapter) {
        return ports.named("Write-backs", adapter);
    }

    /** A system that is connected for this. */
    record NewTarget(String name, String adapter, String address, Optional<Credentials> credentials) {}

    /** Connects a system and sets up what it is told; it has a code of its own, which nobody reads. */
    @Transactional
    public String add(NewTarget fresh, WriteBackPlan plan, boolean active, String signIn) {
        if (mapper.all().size() >= Limits.TARGETS) {
            throw Refusal.conflict("The list of write-backs", "It is full.", "Change one that is not needed any more.");
        }
        boolean taken =
                all().stream().anyMatch(each -> connections.name(each.code()).equalsIgnoreCase(fresh.name()));
        if (taken) {
            throw Refusal.conflict(
                    "Write-backs to “" + fresh.name() + "”", "There is one of that name.", "Give it another name.");
        }
        WriteBackPort port = named(fresh.adapter());
        String code =
                "TOLD_" + UUID.randomUUID().toString().substring(0, SHORT_CODE).toUpperCase(Locale.ROOT);
        connections.connect(code, fresh.name(), port, fresh.address(), TIME_LIMIT, fresh.credentials(), signIn);
        keep(new WriteBackTarget(code, 0, active, plan), port, signIn);
        return code;
    }

    /** @param changed with the version that was looked at */
    @Transactional
    public void change(WriteBackTarget changed, String signIn) {
        WriteBackTargetRow now = mapper.locked(changed.code())
                .orElseThrow(() -> Refusal.notFound("Write-backs to " + changed.code(), "Look at the list again."));
        if (now.version() != changed.version()) {
            throw Refusal.changedSince(
                    "Write-backs to " + connections.name(changed.code()),
                    "Somebody changed them meanwhile.",
                    "Reload the page.");
        }
        keep(changed, named(connections.locked(changed.code()).adapter()), signIn);
    }

    /** Sets one up for a connection that is there; for the demo. */
    @Transactional
    public void set(WriteBackTarget target, String signIn) {
        keep(target, named(connections.locked(target.code()).adapter()), signIn);
    }

    private void keep(WriteBackTarget target, WriteBackPort port, String signIn) {
        requireUsable(target.plan(), port);
        mapper.keep(
                new WriteBackTargetRow(target.code(), 0, target.active(), json.writeValueAsString(target.plan())),
                signIn,
                clock.instant());
        setUpVersion.changed();
        auditLog.write(
                signIn,
                "set up what a system is told",
                connections.name(target.code()),
                target.plan().fields().size() + " fields" + (target.active() ? "" : ", not told"));
    }

    static void requireUsable(WriteBackPlan plan, WriteBackPort port) {
        plan.requireUsable();
        port.requireUsable(plan);
    }

    /** Whether what is due goes out at all, and how fast. */
    @Transactional
    public void limit(TargetRow limits, String signIn) {
        String name = connections
                .find(limits.code())
                .map(Connections.Named::name)
                .orElseThrow(() -> Refusal.notFound("Connection " + limits.code(), "Look at the list again."));
        outboxTargets.keep(limits);
        auditLog.write(
                signIn,
                limits.paused() ? "stopped what a system is told" : "let a system be told",
                name,
                limits.callsAMinute() == 0 ? "no limit" : "at most " + limits.callsAMinute() + " calls a minute");
    }
}
