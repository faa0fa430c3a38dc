package nobrec.server.run;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.security.Principal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.Accessorial;
import nobrec.server.api.PdfAnswer;
import nobrec.server.api.list.Part;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.api.security.ForTheDesk;
import nobrec.server.document.PaperKind;
import nobrec.server.document.Papers;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.printing.PrintJobs;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Jobs shipped as one run. */
@RestController
@RequestMapping("/api/v1/runs")
@Tag(name = "runs")
class RunController {

    /** Numbers of jobs. */
    record Chosen(
            @NotNull @Size(min = 1, max = Limits.JOBS_AT_ONCE)
            List<@NotNull @Size(max = Limits.TEXT) String> jobs) {}

    /**
     * One thing for some jobs; what is left out stays.
     *
     * @param byRecords packages that nobody weighed weigh what the records say
     * @param packedLike number of the job with the same contents that is packed as these are to be
     * @param cheapest the cheapest service that keeps the promise
     */
    record Change(
            @NotNull @Size(min = 1, max = Limits.JOBS_AT_ONCE)
            List<@NotNull @Size(max = Limits.TEXT) String> jobs,

            Optional<@Size(max = Limits.FIGURE_TEXT) String> weight,
            Optional<Boolean> byRecords,
            Optional<@Size(max = Limits.CODE) String> carton,
            Optional<@Size(max = Limits.TEXT) String> packedLike,
            Optional<@Size(max = Limits.CODE) String> service,
            Optional<Boolean> cheapest,
            Optional<LocalDate> day,
            Optional<@Size(max = Limits.CODE) String> site,
            Optional<Accessorial> accessorial) {}

    private final Runs runs;
    private final RunViews views;
    /** @param desk empty text where the browser has none */
    record AtDesk(@NotNull @Size(max = Limits.DESK_NAME) String desk) {}

    /**
     * @param printers names of those they go to
     * @param asPdf kinds of papers that no printer is set for at that desk
     */
    record Printed(int queued, List<String> printers, List<PaperKind> asPdf) {}

    private final Papers papers;
    private final PrintJobs printJobs;

    RunController(Runs runs, RunViews views, Papers papers, PrintJobs printJobs) {
        this.printJobs = printJobs;
        this.runs = runs;
        this.views = views;
        this.papers = papers;
    }

    /** Makes a run, and begins to look what would happen to each of its jobs. */
    @PostMapping
    @ForTheDesk
    RunView make(@Valid @RequestBody Chosen chosen, Principal who) {
        return views.of(runs.make(chosen.jobs(), who.getName()));
    }

    @GetMapping
    @ForEveryone
    RunView.RunList newest(@ParameterObject @Valid Part part) {
        List<RunView.Line> rows = views.newest(part.cursor(), part.limit());
        return new RunView.RunList(rows, part.next(rows, RunView.Line::id));
    }

    @GetMapping("/{id}")
    @ForEveryone
    RunView one(@PathVariable long id) {
        return views.of(id);
    }

    /** What cannot be changed of a job is said in its row. */
    @PostMapping("/{id}/changes")
    @ForTheDesk
    RunView change(@PathVariable long id, @Valid @RequestBody Change change, Principal who) {
        runs.change(
                id,
                change.jobs(),
                new RunChange(
                        change.weight(),
                        change.byRecords().orElse(false),
                        change.carton(),
                        change.packedLike(),
                        change.service(),
                        change.cheapest().orElse(false),
                        change.day(),
                        change.site(),
                        change.accessorial()),
                who.getName());
        return views.of(id);
    }

    /** Looks at some again as they are now; what failed can then be tried again. */
    @PostMapping("/{id}/looks")
    @ForTheDesk
    RunView lookAgain(@PathVariable long id, @Valid @RequestBody Chosen chosen, Principal who) {
        runs.lookAgain(id, chosen.jobs(), who.getName());
        return views.of(id);
    }

    /** Takes out what has not gone. */
    @PostMapping("/{id}/taken-out")
    @ForTheDesk
    RunView remove(@PathVariable long id, @Valid @RequestBody Chosen chosen, Principal who) {
        runs.remove(id, chosen.jobs(), who.getName());
        return views.of(id);
    }

    /** Ships what is ready, or goes on with it. */
    @PostMapping("/{id}/start")
    @ForTheDesk
    RunView start(@PathVariable long id, Principal who) {
        runs.start(id, who.getName());
        return views.of(id);
    }

    /** Stops after the job that is being shipped. */
    @PostMapping("/{id}/pause")
    @ForTheDesk
    RunView pause(@PathVariable long id, Principal who) {
        runs.pause(id, who.getName());
        return views.of(id);
    }

    /** Labels and slips of what has gone, in the run's order, as one PDF. */
    @GetMapping(path = "/{id}/papers", produces = MediaType.APPLICATION_PDF_VALUE)
    @ForEveryone
    void papers(
            @PathVariable long id, @RequestParam(defaultValue = "") Set<PaperKind> kinds, HttpServletResponse response)
            throws IOException {
        List<Long> gone = gone(id);
        response.setContentType(MediaType.APPLICATION_PDF_VALUE);
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, PdfAnswer.disposition("run-" + id));
        papers.join(Subject.Kind.SHIPMENT, gone, kinds, response.getOutputStream());
    }

    /** @throws Refusal while none of its jobs has left */
    private List<Long> gone(long id) {
        List<Long> gone = views.gone(id);
        if (gone.isEmpty()) {
            throw Refusal.notFound("Papers of " + Runs.thing(id), "Start it first: they come with each job.");
        }
        return gone;
    }

    /** Sends the papers of those that have left to the printers of a desk, job by job. */
    @PostMapping("/{id}/print")
    @ForTheDesk
    Printed print(@PathVariable long id, @Valid @RequestBody AtDesk at, Principal who) {
        Map<Long, PaperKind> kinds = new LinkedHashMap<>();
        gone(id).forEach(shipment ->
                papers.of(Subject.Kind.SHIPMENT, shipment).forEach(paper -> kinds.put(paper.id(), paper.kind())));
        PrintJobs.Asked asked = printJobs.print(at.desk(), "run " + id, List.copyOf(kinds.keySet()), who.getName());
        return new Printed(
                asked.queued(),
                asked.printers(),
                asked.asPdf().stream().map(kinds::get).distinct().toList());
    }
}
