package nobrec.server.source;

import java.net.URI;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nobrec.core.intake.OrderDefaults;
import nobrec.core.layout.LayoutRules;
import nobrec.core.layout.OrderField;
import nobrec.core.layout.OrderLayout;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.connection.Adapters;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Connections;
import nobrec.server.connection.Credentials;
import nobrec.server.layout.LayoutDocument;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.wordbook.RecordSystems;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The record systems that work orders come from. */
@Service
public class RecordSources implements RecordSystems {

    private static final int MOST_MINUTES = 7 * 24 * 60;
    private static final int CODE_LETTERS = 20;
    private static final Duration TIME_LIMIT = Duration.ofSeconds(5);
    private static final About NOTHING_SAID = new About("", List.of(), List.of(), List.of(), List.of());
    private static final TypeReference<Map<OrderField, String>> TEXTS = new TypeReference<>() {};

    /**
     * A system to be connected.
     *
     * @param userName empty text where a token is the key
     * @param secret empty text where none is needed
     */
    record NewSource(String name, String adapter, String address, String userName, String secret) {}

    private final RecordMapper mapper;
    private final Connections connections;
    private final Adapters<RecordPort> adapters;
    private final List<RecordPort> ports;
    private final JsonMapper json;
    private final SetUpVersion version;
    private final AuditLog auditLog;
    private final Clock clock;

    RecordSources(
            RecordMapper mapper,
            Connections connections,
            List<RecordPort> ports,
            JsonMapper json,
            SetUpVersion version,
            AuditLog auditLog,
            Clock clock) {
        this.mapper = mapper;
        this.connections = connections;
        this.adapters = new Adapters<>(ports);
        this.ports = List.copyOf(ports);
        this.json = json;
        this.version = version;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    List<RecordPort> kinds() {
        return ports;
    }

    RecordPort port(SourceSetUp source) {
        return adapters.named(source.name(), source.adapter());
    }

    Connection connection(SourceSetUp source) {
        return connections.to(source.code());
    }

    SourceSetUp setUp(String code) {
        return mapper.source(code).map(this::setUp).orElseThrow(() -> unknown(code));
    }

    private SourceSetUp setUp(RecordSourceRow row) {
        return new SourceSetUp(
                row.code(),
                row.name(),
                row.adapter(),
                row.version(),
                Optional.ofNullable(row.layout())
                        .map(text -> json.readValue(text, LayoutDocument.class).layout()),
                new OrderDefaults(new EnumMap<>(defaults(row.defaults()))),
                row.everyMinutes(),
                row.about() == null ? NOTHING_SAID : json.readValue(row.about(), About.class),
                row.query() == null ? "" : row.query());
    }

    private Map<OrderField, String> defaults(String text) {
        Map<OrderField, String> all = new EnumMap<>(OrderField.class);
        all.putAll(json.readValue(text, TEXTS));
        return all;
    }

    /**
     * Connects a system.
     *
     * @return its code
     */
    @Transactional
    public String connect(NewSource source, String signIn) {
        String name = source.name().strip();
        if (name.isEmpty()) {
            throw Refusal.unusable("The source", "It has no name.", "Name it as people call it.");
        }
        String code = freeCode(name);
        RecordPort port = adapters.named(name, source.adapter());
        connections.connect(
                code,
                name,
                port,
                source.address(),
                TIME_LIMIT,
                Optional.of(new Credentials(source.userName(), source.secret()))
                        .filter(each -> !source.secret().isEmpty()),
                signIn);
        mapper.insertSource(code, name, port.adapterName());
        version.changed();
        auditLog.write(signIn, "connected a source", name, source.address());
        return code;
    }

    /** Whether none is connected. */
    public boolean isEmpty() {
        return mapper.sources().isEmpty();
    }

    /** Sets one up whose connection is there already. */
    @Transactional
    public void add(String code, String name, String adapter) {
        mapper.insertSource(code, name, adapter);
        version.changed();
    }

    private String freeCode(String name) {
        String plain = name.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]+", "");
        String base = plain.isEmpty() ? "SOURCE" : plain.substring(0, Math.min(plain.length(), CODE_LETTERS - 2));
        String code = base;
        for (int number = 2; connections.isTaken(code); number++) {
            code = base + number;
        }
        return code;
    }

    /**
     * Changes how a source is read and asked.
     *
     * @param version that was looked at
     * @param everyMinutes zero: only when somebody asks
     */
    @Transactional
    public void change(
            String code,
            int seenVersion,
            LayoutDocument document,
            Map<OrderField, String> defaults,
            int everyMinutes,
            String signIn) {
        RecordSourceRow before = mapper.lockedSource(code).orElseThrow(() -> unknown(code));
        if (before.version() != seenVersion) {
            throw Refusal.changedSince(
                    before.name(),
                    "Somebody has changed it since you opened it.",
                    "Reload the page and change it again.");
        }
        if (everyMinutes < 0 || everyMinutes > MOST_MINUTES) {
            throw Refusal.unusable(
                    before.name(),
                    "It cannot be asked every " + everyMinutes + " minutes.",
                    "Enter 1 to 10080; 0 for never.");
        }
        OrderLayout layout = document.layout();
        LayoutRules.require(layout);
        Instant next = everyMinutes == 0 ? null : clock.instant();
        mapper.changeSource(
                code,
                before.name(),
                json.writeValueAsString(document),
                json.writeValueAsString(defaults),
                everyMinutes,
                next);
        auditLog.write(signIn, "changed a source", before.name(), asked(everyMinutes));
    }

    private static String asked(int everyMinutes) {
        return everyMinutes == 0 ? "asked by hand" : "asked every " + everyMinutes + " min";
    }

    /** It is not asked any more; its work orders, its connection and its words stay. */
    @Transactional
    public void remove(String code, String signIn) {
        RecordSourceRow row = mapper.lockedSource(code).orElseThrow(() -> unknown(code));
        mapper.deleteRecords(code);
        mapper.deleteSource(code);
        version.changed();
        auditLog.write(signIn, "removed a source", row.name(), "");
    }

    List<RecordSourceRow> rows() {
        return mapper.sources();
    }

    void remember(SourceSetUp source, About about) {
        mapper.setAbout(source.code(), json.writeValueAsString(about));
    }

    @Override
    public List<Named> recordSystems() {
        return mapper.sources().stream()
                .map(row -> new Named(row.code(), row.name()))
                .toList();
    }

    /** Sources whose last look failed. */
    public List<Failing> failing() {
        return mapper.sources().stream()
                .filter(RecordSourceRow::lastFailed)
                .map(row -> new Failing(row.code(), row.name(), row.lastSaid()))
                .toList();
    }

    /** @param reason with what to do */
    public record Failing(String code, String name, String reason) {}

    RecordAccess access(SourceSetUp source) {
        return new RecordAccess(connection(source), source.query());
    }

    /** From now on it is read by this SELECT, which has shown what it gives. */
    @Transactional
    public void readBy(SourceSetUp source, String query, About about, String signIn) {
        mapper.setQuery(source.code(), query, json.writeValueAsString(about));
        auditLog.write(signIn, "changed the SELECT of a source", source.name(), query);
    }

    URI address(SourceSetUp source) {
        return connection(source).address();
    }

    static Refusal unknown(String code) {
        return Refusal.notFound("Source " + code, "Look at Sources.");
    }
}
