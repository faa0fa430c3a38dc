package nobrec.server.picking;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.EnumSet;
import java.util.List;
import nobrec.core.limit.Limits;
import nobrec.core.paper.JobListField;
import nobrec.core.paper.SheetSize;
import nobrec.server.api.PdfAnswer;
import nobrec.server.api.security.ForEveryone;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Papers for whoever fetches what is ready and has not left, and job lists. Nothing is kept of them. */
@RestController
@RequestMapping(produces = MediaType.APPLICATION_PDF_VALUE)
@Tag(name = "papers")
class PickController {

    private final PickPapers papers;
    private final JobListPaper jobList;

    PickController(PickPapers papers, JobListPaper jobList) {
        this.papers = papers;
        this.jobList = jobList;
    }

    /**
     * A slip for each job, in the order asked for.
     *
     * @param onePage whether each begins a page
     */
    @GetMapping("/api/v1/pick-slips")
    @ForEveryone
    ResponseEntity<byte[]> slips(
            @RequestParam @NotNull @Size(min = 1, max = Limits.JOBS_ON_PAPER)
                    List<@NotNull @Size(max = Limits.TEXT) String> job,
            @RequestParam(defaultValue = "LETTER") SheetSize sheet,
            @RequestParam(defaultValue = "true") boolean onePage) {
        return PdfAnswer.of("pick-slips", papers.slips(job, sheet, onePage));
    }

    /** What is fetched for all of them in one walk, by shelf and item. */
    @GetMapping("/api/v1/pick-list")
    @ForEveryone
    ResponseEntity<byte[]> list(
            @RequestParam @NotNull @Size(min = 1, max = Limits.JOBS_ON_PAPER)
                    List<@NotNull @Size(max = Limits.TEXT) String> job,
            @RequestParam(defaultValue = "LETTER") SheetSize sheet) {
        return PdfAnswer.of("pick-list", papers.list(job, sheet));
    }

    /**
     * Jobs as they stand in a list, in the order asked for.
     *
     * @param field what is said of each
     * @param onePage whether each begins a page
     */
    @GetMapping("/api/v1/job-list")
    @ForEveryone
    ResponseEntity<byte[]> jobList(
            @RequestParam @NotNull @Size(min = 1, max = Limits.JOBS_ON_PAPER)
                    List<@NotNull @Size(max = Limits.TEXT) String> job,
            @RequestParam @NotNull @Size(min = 1, max = 40) List<@NotNull JobListField> field,
            @RequestParam(defaultValue = "LETTER") SheetSize sheet,
            @RequestParam(defaultValue = "false") boolean onePage) {
        return PdfAnswer.of("job-list", jobList.print(job, EnumSet.copyOf(field), sheet, onePage));
    }
}
