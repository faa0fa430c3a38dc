package nobrec.server.printing;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.document.PaperKind;
import nobrec.server.document.Papers;
import nobrec.server.document.PrintablePaper;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Papers on their way to printers. */
@Service
public class PrintJobs {

    /**
     * What became of papers that were to be printed.
     *
     * @param printers names of those they go to
     * @param asPdf ids of those that no printer is set for at this desk
     */
    public record Asked(int queued, List<String> printers, List<Long> asPdf) {}

    /** @param paper its number; null for a test page */
    private record Printed(@Nullable Long paper, String title, boolean label) {}

    private final PrintMapper mapper;
    private final Printers printers;
    private final Papers papers;
    private final AuditLog auditLog;
    private final Clock clock;

    PrintJobs(PrintMapper mapper, Printers printers, Papers papers, AuditLog auditLog, Clock clock) {
        this.mapper = mapper;
        this.printers = printers;
        this.papers = papers;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    /**
     * Sends each to the printer that its kind has at a desk.
     *
     * @param of what they belong to, as people call it
     */
    @Transactional
    public Asked print(String desk, String of, List<Long> ids, String signIn) {
        Map<PaperKind, PrintRoute> routes = new HashMap<>();
        mapper.routes(desk).forEach(route -> routes.put(route.paperKind(), route));
        Map<String, String> names = new HashMap<>();
        printers.all().forEach(each -> names.put(each.code(), each.name()));
        List<Long> asPdf = new ArrayList<>();
        List<String> used = new ArrayList<>();
        for (PrintablePaper paper : papers.printable(ids)) {
            Optional<PrintRoute> route =
                    Optional.ofNullable(routes.get(paper.kind())).filter(each -> names.containsKey(each.printerCode()));
            if (route.isEmpty()) {
                asPdf.add(paper.id());
                continue;
            }
            String title = of.isEmpty() ? paper.title() : paper.title() + ", " + of;
            Printed printed = new Printed(paper.id(), title, paper.kind().isLabel());
            queue(
                    printed,
                    route.get().printerCode(),
                    route.get().copies(),
                    route.get().tray(),
                    desk,
                    signIn);
            used.add(names.getOrDefault(route.get().printerCode(), ""));
        }
        if (!used.isEmpty()) {
            auditLog.write(signIn, "printed papers", of, used.size() + " of " + ids.size());
        }
        return new Asked(used.size(), used.stream().distinct().toList(), asPdf);
    }

    /** A page that shows that it prints, straight and whole. */
    @Transactional
    public void printTestPage(String printer, String signIn) {
        printers.require(printer);
        queue(new Printed(null, "Test page", true), printer, 1, "", "", signIn);
        auditLog.write(signIn, "printed a test page", printer, "");
    }

    private void queue(Printed what, String printer, int copies, String tray, String desk, String signIn) {
        mapper.insertJob(new NewPrintJob(
                UUID.randomUUID().toString(),
                printer,
                what.paper(),
                what.title(),
                what.label(),
                copies,
                tray,
                desk,
                signIn,
                clock.instant()));
        mapper.makeDue(printer, clock.instant());
    }

    /**
     * Prints one again that failed or was given up, or came out badly.
     *
     * @param printer another one; empty for the same
     */
    @Transactional
    public void again(long id, Optional<String> printer, String signIn) {
        PrintJobRow row = mapper.jobLocked(id).orElseThrow(() -> unknown(id));
        String to = printer.orElse(row.printerCode());
        printers.require(to);
        if (row.state() == PrintState.SENT) {
            throw Refusal.conflict(
                    row.title(), "The printer has it and has not given it up.", "Call it off first, or wait for it.");
        }
        if (row.state() == PrintState.WAITING) {
            if (to.equals(row.printerCode())) {
                mapper.makeDue(to, clock.instant());
                return;
            }
            callOffWaiting(row, "Sent to another printer instead.");
        }
        queue(
                new Printed(row.paperId(), row.title(), row.label()),
                to,
                row.copies(),
                to.equals(row.printerCode()) ? row.tray() : "",
                row.desk(),
                signIn);
        auditLog.write(signIn, "printed again", row.title(), to);
    }

    /** One that waits is called off at once; one that the printer has is asked back by the worker. */
    @Transactional
    public Optional<PrintJobRow> callOff(long id, String signIn) {
        PrintJobRow row = mapper.jobLocked(id).orElseThrow(() -> unknown(id));
        if (!row.state().isOpen()) {
            throw Refusal.conflict(row.title(), "It is over.", "Reload the page.");
        }
        auditLog.write(signIn, "called a print job off", row.title(), row.printerCode());
        if (row.state() == PrintState.SENT) {
            return Optional.of(row);
        }
        callOffWaiting(row, "Called off.");
        return Optional.empty();
    }

    /** Where nobody knows whether the printer has it, it must not be sent once more somewhere else. */
    private void callOffWaiting(PrintJobRow row, String said) {
        if (row.tried()) {
            throw Refusal.conflict(
                    row.title(),
                    "It was sent, and the printer has not said whether it has it.",
                    "It is asked as soon as it answers; look at the printer.");
        }
        mapper.settle(row.id(), PrintState.CALLED_OFF, null, said, clock.instant());
    }

    /** A job that the printer has given up. */
    void calledOffThere(PrintJobRow row) {
        mapper.settle(row.id(), PrintState.CALLED_OFF, null, "Called off.", clock.instant());
    }

    List<PrintRoute> routes(String desk) {
        return mapper.routes(desk);
    }

    List<String> desks() {
        return mapper.desks();
    }

    /** All that a desk says, instead of what it said before. */
    @Transactional
    public void keepRoutes(String desk, List<PrintRoute> routes, String signIn) {
        routes.forEach(route -> printers.require(route.printerCode()));
        mapper.deleteRoutes(desk);
        routes.forEach(route -> mapper.insertRoute(desk, route));
        auditLog.write(
                signIn, "set where papers are printed", desk.isEmpty() ? "every desk" : desk, routes.size() + " kinds");
    }

    private static Refusal unknown(long id) {
        return Refusal.notFound("Print job " + id, "Reload the page.");
    }
}
