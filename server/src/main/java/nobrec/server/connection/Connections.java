package nobrec.server.connection;

import java.net.URI;
import java.time.Duration;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.platform.outbox.Outbox;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The systems and devices outside, as they are set up. */
@Service
public class Connections {

    /** The order desk, the books and the scale of the shop; a carrier's code is its own. */
    public static final String ORDER_DESK = "ORDERDESK";

    public static final String BOOKS = "BOOKS";
    public static final String SCALE = "SCALE";
    public static final String ADDRESS_SERVICE = "ADDRESSES";

    private final ConnectionMapper mapper;
    private final CredentialCipher cipher;
    private final SetUpVersion version;
    private final AuditLog auditLog;
    private final ConnectionRules rules;
    private final KnownConnections known;
    private final Outbox outbox;

    Connections(
            ConnectionMapper mapper,
            CredentialCipher cipher,
            SetUpVersion version,
            AuditLog auditLog,
            ConnectionRules rules,
            KnownConnections known,
            Outbox outbox) {
        this.mapper = mapper;
        this.cipher = cipher;
        this.version = version;
        this.auditLog = auditLog;
        this.rules = rules;
        this.known = known;
        this.outbox = outbox;
    }

    /** @throws Refusal when there is none, or its credentials cannot be read */
    public Connection to(String code) {
        return connection(row(code));
    }

    /** One that is set up, without what is needed to call it: it is there whether its secret can be read or not. */
    public record Named(String code, String name, String adapter, String address, boolean hasSecret) {}

    public List<Named> all() {
        return known.all().stream().map(Connections::named).toList();
    }

    public Optional<Named> find(String code) {
        return known.find(code).map(Connections::named);
    }

    /** As it stands in the database now, whatever is remembered; nobody changes it until the transaction ends. */
    public Named locked(String code) {
        return mapper.locked(code).map(Connections::named).orElseThrow(() -> unknown(code));
    }

    private static Named named(ConnectionRow row) {
        return new Named(row.code(), row.name(), row.adapter(), row.address(), row.secret() != null);
    }

    public boolean isAt(String code, URI address) {
        return known.find(code)
                .filter(row -> row.address().equals(address.toString()))
                .isPresent();
    }

    /** What people call it; the code itself when it is not set up any more. */
    public String name(String code) {
        return known.find(code).map(ConnectionRow::name).orElse(code);
    }

    List<ConnectionRow> rows() {
        return known.all();
    }

    /** Whether something has this code. */
    public boolean isTaken(String code) {
        return known.find(code).isPresent();
    }

    /** Sets a new one up, as a person entered it. */
    @Transactional
    public void connect(
            String code,
            String name,
            Adapter adapter,
            String addressText,
            Duration timeLimit,
            Optional<Credentials> credentials,
            String signIn) {
        ConnectionRow none = new ConnectionRow(code, name, adapter.adapterName(), "", 0, "", null);
        URI address = rules.address(none, addressText);
        Optional<Credentials> checked = rules.credentials(
                        none,
                        address,
                        new CredentialsChange(
                                credentials.map(Credentials::userName).orElse(""),
                                credentials.map(Credentials::secret)))
                .flatMap(userName -> credentials);
        keep(new Connection(code, name, adapter.adapterName(), address, timeLimit, checked));
        auditLog.write(signIn, "set a connection up", name, address.toString());
    }

    /**
     * One whose way of being spoken with is chosen where it is set up.
     *
     * @param secret a new one; empty where the kept one stays
     */
    public record Reconnected(
            String code, String name, String addressText, Duration timeLimit, Optional<String> secret) {}

    /** Sets one up, or changes how it is reached: where that changes, nothing may wait for an answer from there. */
    @Transactional
    public void reconnect(Reconnected changed, Adapter adapter, String signIn) {
        Optional<ConnectionRow> before = mapper.locked(changed.code());
        ConnectionRow now = new ConnectionRow(
                changed.code(),
                changed.name(),
                adapter.adapterName(),
                before.map(ConnectionRow::address).orElse(""),
                0,
                before.map(ConnectionRow::userName).orElse(""),
                before.map(ConnectionRow::secret).orElse(null));
        URI address = rules.address(now, changed.addressText());
        boolean moves = before.isPresent() && !now.address().equals(address.toString());
        if (moves) {
            rules.requireNothingUnderWay(now, outbox.waitingFor(changed.code()));
        }
        Optional<Credentials> credentials =
                credentials(now, address, new CredentialsChange(now.userName(), changed.secret()));
        keep(new Connection(
                changed.code(), changed.name(), adapter.adapterName(), address, changed.timeLimit(), credentials));
        if (moves || before.isEmpty() || changed.secret().isPresent()) {
            auditLog.write(signIn, "set a connection up", changed.name(), address.toString());
        }
    }

    private Optional<Credentials> credentials(ConnectionRow before, URI address, CredentialsChange change) {
        return rules.credentials(before, address, change)
                .map(userName -> new Credentials(
                        userName,
                        change.secret()
                                .orElseGet(
                                        () -> cipher.decrypt(before.code(), Objects.requireNonNull(before.secret())))));
    }

    /** Sets one up, or changes all of it. */
    @Transactional
    public void keep(Connection connection) {
        mapper.keep(new ConnectionRow(
                connection.code(),
                connection.name(),
                connection.adapter(),
                connection.address().toString(),
                Math.toIntExact(connection.timeLimit().toMillis()),
                connection.credentials().map(Credentials::userName).orElse(""),
                connection
                        .credentials()
                        .map(each -> cipher.encrypt(connection.code(), each.secret()))
                        .orElse(null)));
        version.changed();
    }

    /**
     * What a person changes: where it is, how long it may take, and how we sign in.
     *
     * @param sure that a new address is the same system, or that nothing that waits has arrived at the old one
     */
    record Change(String address, Duration timeLimit, CredentialsChange credentials, boolean sure) {}

    /** @param secret empty: the one that is kept */
    record CredentialsChange(String userName, Optional<String> secret) {}

    /** A new address needs the credentials again, so that nobody has them sent elsewhere without knowing them. */
    @Transactional
    void change(String code, Change change, String signIn) {
        ConnectionRow before = mapper.locked(code).orElseThrow(() -> unknown(code));
        URI address = rules.address(before, change.address());
        rules.timeLimit(before, change.timeLimit());
        boolean moves = !before.address().equals(address.toString());
        if (moves && !change.sure()) {
            rules.requireNothingUnderWay(before, outbox.waitingFor(code));
        }
        Optional<Credentials> credentials = credentials(before, address, change.credentials());
        keep(new Connection(code, before.name(), before.adapter(), address, change.timeLimit(), credentials));
        auditLog.write(
                signIn,
                "changed a connection",
                before.name(),
                address + ", " + change.timeLimit().toMillis() + " ms"
                        + (change.credentials().secret().isPresent() ? ", new credentials" : ""));
    }

    private ConnectionRow row(String code) {
        return known.find(code).orElseThrow(() -> unknown(code));
    }

    private static Refusal unknown(String code) {
        return Refusal.notFound("Connection " + code, "Have it set up.");
    }

    private Connection connection(ConnectionRow row) {
        return new Connection(
                row.code(),
                row.name(),
                row.adapter(),
                URI.create(row.address()),
                Duration.ofMillis(row.timeLimitMillis()),
                Optional.ofNullable(row.secret())
                        .map(secret -> new Credentials(row.userName(), cipher.decrypt(row.code(), secret))));
    }
}
