package nobrec.server.printing;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.connection.Adapters;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Connections;
import nobrec.server.platform.Shortened;
import nobrec.server.printing.PrinterPort.PrinterFacts;
import org.springframework.stereotype.Service;

/** The printers of the shop: connections that are spoken to as printers are, and what each said last. */
@Service
public class Printers {

    private static final Duration TIME_LIMIT = Duration.ofSeconds(5);
    private static final int LONGEST = 500;
    private static final int SHORT_CODE = 8;

    /** @param row what it said; empty while it was never asked */
    record Printer(String code, String name, Optional<PrinterRow> row) {}

    private final Connections connections;
    private final Adapters<PrinterPort> ports;
    private final PrintMapper mapper;
    private final AuditLog auditLog;
    private final Clock clock;

    Printers(Connections connections, List<PrinterPort> ports, PrintMapper mapper, AuditLog auditLog, Clock clock) {
        this.connections = connections;
        this.ports = new Adapters<>(ports);
        this.mapper = mapper;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    List<Printer> all() {
        Map<String, PrinterRow> rows = new HashMap<>();
        mapper.printers().forEach(row -> rows.put(row.code(), row));
        return connections.all().stream()
                .filter(each -> ports.has(each.adapter()))
                .map(each -> new Printer(each.code(), each.name(), Optional.ofNullable(rows.get(each.code()))))
                .toList();
    }

    /** @throws Refusal where there is no such printer */
    void require(String code) {
        if (all().stream().noneMatch(each -> each.code().equals(code))) {
            throw Refusal.notFound("Printer " + code, "Choose one of the list.");
        }
    }

    String name(String code) {
        return connections.name(code);
    }

    Connection connection(String code) {
        return connections.to(code);
    }

    PrinterPort port(Connection connection) {
        return ports.of(connection);
    }

    /** Sets a new one up and asks what it is; one that does not answer is set up all the same, and said to be silent. */
    void connect(String name, String address, String signIn) {
        if (all().stream().anyMatch(each -> each.name().equalsIgnoreCase(name))) {
            throw Refusal.conflict("Printer “" + name + "”", "There is one of that name.", "Give it another name.");
        }
        // Nobody reads it, and two who add printers at once get two.
        String code = "PRINTER_"
                + UUID.randomUUID().toString().substring(0, SHORT_CODE).toUpperCase(Locale.ROOT);
        connections.connect(code, name, ports.named(name, "ipp"), address, TIME_LIMIT, Optional.empty(), signIn);
        look(code, signIn);
    }

    /** Asks it now, whatever it was put off to. */
    void look(String code, String signIn) {
        require(code);
        Connection connection = connections.to(code);
        Instant now = clock.instant();
        try {
            keep(code, port(connection).look(connection), now);
        } catch (PrinterSilent silent) {
            mapper.makeDue(code, now);
            mapper.keepSilence(code, Shortened.to(LONGEST, String.valueOf(silent.getMessage())), 1, now);
        }
        auditLog.write(
                signIn,
                "looked at a printer",
                connection.name(),
                connection.address().toString());
    }

    /** @param nextCallAt when its jobs are seen to next */
    void keep(String code, PrinterFacts facts, Instant nextCallAt) {
        mapper.keepFacts(
                new PrinterRow(
                        code,
                        facts.state(),
                        Shortened.to(LONGEST, facts.said()),
                        Shortened.to(LONGEST, String.join(",", facts.formats())),
                        facts.resolution(),
                        Shortened.to(LONGEST, String.join(",", facts.trays())),
                        clock.instant(),
                        0),
                nextCallAt);
    }

    static List<String> words(String text) {
        return Arrays.stream(text.split(",")).filter(word -> !word.isEmpty()).toList();
    }
}
