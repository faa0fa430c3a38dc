package nobrec.server.printing;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.server.account.Accounts;
import nobrec.server.api.security.ForAdministrators;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.api.security.ForTheDesk;
import nobrec.server.document.PaperKind;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Printers, what goes to which, and what is on its way. */
@RestController
@Tag(name = "printing")
class PrintController {

    private static final int SHOWN = 100;

    record NewPrinter(
            @NotNull @Size(min = 1, max = Limits.DESK_NAME) String name,
            @NotNull @Size(max = Limits.ADDRESS_OUTSIDE) String address) {}

    /**
     * @param said why it does not print, in words; empty text where nothing is wrong
     * @param resolution dots per inch; zero where it does not say
     * @param lookedAt when it was asked last; left out where it never answered
     * @param open print jobs that are not out yet
     */
    record PrinterView(
            String code,
            String name,
            PrinterState state,
            String said,
            List<String> formats,
            int resolution,
            List<String> trays,
            Optional<Instant> lookedAt,
            int open) {}

    record PrinterList(List<PrinterView> rows) {}

    /** @param tray empty text for the usual one */
    record RouteEntry(
            @NotNull PaperKind kind,
            @NotNull @Size(max = 40) String printer,
            @Min(1) @Max(Limits.PRINTED_COPIES) int copies,
            @NotNull @Size(max = Limits.DESK_NAME) String tray) {}

    /** @param desk empty text for every desk that says nothing else */
    record Routes(
            @NotNull @Size(max = Limits.DESK_NAME) String desk,
            @NotNull @Size(max = 20) List<@NotNull @Valid RouteEntry> rows) {}

    record KindView(PaperKind kind, String words) {}

    /** @param desks those that have routes of their own */
    record RoutesView(Routes routes, List<KindView> kinds, List<String> desks) {}

    /**
     * @param desk where somebody stands; empty text where the browser has none
     * @param of what the papers belong to, as people call it
     */
    record PrintOrder(
            @NotNull @Size(max = Limits.DESK_NAME) String desk,
            @NotNull @Size(max = Limits.TEXT) String of,
            @NotNull @NotEmpty @Size(max = 500) List<@NotNull Long> papers) {}

    /** @param printer another one; left out for the same */
    record Again(Optional<@Size(max = 40) String> printer) {}

    /** @param paper address of what is printed; left out for a test page */
    record JobView(
            long id,
            String title,
            String printer,
            String printerName,
            String desk,
            int copies,
            PrintState state,
            String said,
            String askedBy,
            Instant askedAt,
            Optional<Instant> doneAt,
            Optional<String> paper) {}

    /** @param next number to be sent as {@code before} for the jobs before these; left out where there are none */
    record JobList(List<JobView> rows, Optional<Long> next) {}

    private final Printers printers;
    private final PrintJobs jobs;
    private final PrintWorker worker;
    private final PrintMapper mapper;
    private final Accounts accounts;

    PrintController(Printers printers, PrintJobs jobs, PrintWorker worker, PrintMapper mapper, Accounts accounts) {
        this.printers = printers;
        this.jobs = jobs;
        this.worker = worker;
        this.mapper = mapper;
        this.accounts = accounts;
    }

    @GetMapping("/api/v1/printers")
    @ForEveryone
    PrinterList all() {
        return new PrinterList(printers.all().stream().map(this::view).toList());
    }

    private PrinterView view(Printers.Printer printer) {
        return new PrinterView(
                printer.code(),
                printer.name(),
                printer.row().map(PrinterRow::state).orElse(PrinterState.UNKNOWN),
                printer.row().map(PrinterRow::said).orElse(""),
                printer.row().map(row -> Printers.words(row.formats())).orElse(List.of()),
                printer.row().map(PrinterRow::resolution).orElse(0),
                printer.row().map(row -> Printers.words(row.trays())).orElse(List.of()),
                printer.row().map(PrinterRow::lookedAt),
                mapper.open(printer.code()));
    }

    @PostMapping("/api/v1/printers")
    @ForAdministrators
    PrinterList add(@Valid @RequestBody NewPrinter entry, Principal who) {
        if (entry.name().isBlank()) {
            throw Refusal.unusable("The printer", "It has no name.", "Give it one, as Label printer at the bench.");
        }
        printers.connect(entry.name().strip(), entry.address(), who.getName());
        return all();
    }

    /** Asks it what it does now. */
    @PostMapping("/api/v1/printers/{code}/look")
    @ForTheDesk
    PrinterList look(@PathVariable @Size(max = 40) String code, Principal who) {
        printers.look(code, who.getName());
        return all();
    }

    @PostMapping("/api/v1/printers/{code}/test-page")
    @ForTheDesk
    PrinterList testPage(@PathVariable @Size(max = 40) String code, Principal who) {
        jobs.printTestPage(code, who.getName());
        return all();
    }

    /** What goes where at a desk. */
    @GetMapping("/api/v1/print-routes")
    @ForEveryone
    RoutesView routes(@RequestParam(defaultValue = "") @Size(max = Limits.DESK_NAME) String desk) {
        return new RoutesView(
                new Routes(
                        desk,
                        jobs.routes(desk).stream()
                                .map(route -> new RouteEntry(
                                        route.paperKind(), route.printerCode(), route.copies(), route.tray()))
                                .toList()),
                Arrays.stream(PaperKind.values())
                        .map(kind -> new KindView(kind, kind.words()))
                        .toList(),
                jobs.desks());
    }

    @PutMapping("/api/v1/print-routes")
    @ForTheDesk
    RoutesView keepRoutes(@Valid @RequestBody Routes routes, Principal who) {
        long kinds = routes.rows().stream().map(RouteEntry::kind).distinct().count();
        if (kinds < routes.rows().size()) {
            throw Refusal.unusable("Where papers are printed", "A kind of paper stands in it twice.", "Leave one out.");
        }
        jobs.keepRoutes(
                routes.desk().strip(),
                routes.rows().stream()
                        .map(each -> new PrintRoute(
                                each.kind(),
                                each.printer(),
                                each.copies(),
                                each.tray().strip()))
                        .toList(),
                who.getName());
        return routes(routes.desk().strip());
    }

    /** Sends papers to the printers that a desk has; those that have none there are named, to be opened instead. */
    @PostMapping("/api/v1/print-jobs")
    @ForEveryone
    PrintJobs.Asked print(@Valid @RequestBody PrintOrder order, Principal who) {
        return jobs.print(order.desk().strip(), order.of().strip(), order.papers(), who.getName());
    }

    /** The newest first. */
    @GetMapping("/api/v1/print-jobs")
    @ForEveryone
    JobList jobs(@RequestParam Optional<PrintState> state, @RequestParam Optional<Long> before) {
        List<PrintJobRow> rows = mapper.newest(state.orElse(null), before.orElse(null), SHOWN);
        return new JobList(
                rows.stream().map(this::view).toList(),
                rows.size() < SHOWN
                        ? Optional.empty()
                        : Optional.of(rows.get(rows.size() - 1).id()));
    }

    private JobView view(PrintJobRow row) {
        return new JobView(
                row.id(),
                row.title(),
                row.printerCode(),
                printers.name(row.printerCode()),
                row.desk(),
                row.copies(),
                row.state(),
                row.said(),
                accounts.displayName(row.askedBy()),
                row.askedAt(),
                Optional.ofNullable(row.doneAt()),
                Optional.ofNullable(row.paperId()).map(id -> "/api/v1/papers/" + id));
    }

    @PostMapping("/api/v1/print-jobs/{id}/again")
    @ForTheDesk
    JobList again(@PathVariable long id, @Valid @RequestBody Again again, Principal who) {
        jobs.again(id, again.printer().filter(each -> !each.isEmpty()), who.getName());
        return jobs(Optional.empty(), Optional.empty());
    }

    @PostMapping("/api/v1/print-jobs/{id}/call-off")
    @ForTheDesk
    JobList callOff(@PathVariable long id, Principal who) {
        jobs.callOff(id, who.getName()).ifPresent(worker::callOffThere);
        return jobs(Optional.empty(), Optional.empty());
    }
}
