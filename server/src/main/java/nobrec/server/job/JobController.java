package nobrec.server.job;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.layout.OrderField;
import nobrec.core.limit.Limits;
import nobrec.core.returns.ReturnReason;
import nobrec.core.workorder.ShortChoice;
import nobrec.server.api.list.Outcomes;
import nobrec.server.api.security.ForCoordinators;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.api.security.ForTheBooks;
import nobrec.server.api.security.ForTheDesk;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** One job, and fields of several. A job's number may hold any sign, so it stands behind the question mark. */
@RestController
@RequestMapping("/api/v1/work-orders")
@Tag(name = "work orders")
class JobController {

    /**
     * A field as somebody typed it.
     *
     * @param line counted from one; zero for what is said of the whole job
     * @param before what stood there when they began; left out where it does not matter
     */
    record FieldEntry(
            @NotNull OrderField field,
            @Min(0) @Max(Limits.LINES_OF_ORDER) int line,
            Optional<@Size(max = Limits.NOTES) String> before,
            @NotNull @Size(max = Limits.NOTES) String text) {

        private JobEdits.Edit edit() {
            return new JobEdits.Edit(field, line, before, text);
        }
    }

    record FieldEntries(@NotNull @NotEmpty @Size(max = 50) List<@NotNull @Valid FieldEntry> entries) {}

    record JobLine(
            @NotNull @Size(max = Limits.TEXT) String job,
            @Min(0) @Max(Limits.LINES_OF_ORDER) int line) {}

    /** One value for all of these. */
    record ValueForAll(
            @NotNull @NotEmpty @Size(max = Limits.JOBS_AT_ONCE)
            List<@NotNull @Valid JobLine> jobs,

            @NotNull OrderField field,
            @NotNull @Size(max = Limits.NOTES) String text) {}

    record JobNumbers(
            @NotNull @NotEmpty @Size(max = Limits.JOBS_AT_ONCE)
            List<@NotNull @Size(max = Limits.TEXT) String> jobs) {}

    record ShortEntry(
            @NotNull @NotEmpty @Size(max = Limits.JOBS_AT_ONCE)
            List<@NotNull @Size(max = Limits.TEXT) String> jobs,

            @NotNull ShortChoice choice) {}

    record HoldEntry(
            @NotNull @NotEmpty @Size(max = Limits.JOBS_AT_ONCE)
            List<@NotNull @Size(max = Limits.TEXT) String> jobs,

            @NotNull @Size(min = 1, max = Limits.TEXT) String reason) {}

    record TypedEntry(
            @NotNull OrderField field,
            @NotNull @Size(max = Limits.NOTES) String text) {}

    record TypedLine(@NotNull @Size(max = 50) List<@NotNull @Valid TypedEntry> entries) {}

    /**
     * @param number empty text for the next free one
     * @param request whether only its price is asked, and nothing is promised to go
     */
    record TypedJob(
            @NotNull @Size(max = Limits.TEXT) String number,
            Optional<Boolean> request,
            @NotNull @Size(max = 50) List<@NotNull @Valid TypedEntry> entries,

            @NotNull @NotEmpty @Size(max = Limits.LINES_OF_ORDER)
            List<@NotNull @Valid TypedLine> lines) {}

    record ReplacedLine(
            @Min(1) @Max(Limits.LINES_OF_ORDER) int position,
            @Min(0) @Max(Limits.PIECES_OF_LINE) int quantity) {}

    /** @param billed whether the customer pays its freight */
    record ReplacementWish(
            @NotNull ReturnReason reason,
            boolean billed,

            @NotNull @NotEmpty @Size(max = Limits.LINES_OF_ORDER)
            List<@NotNull @Valid ReplacedLine> lines) {}

    record NextNumber(String number) {}

    record NoteEntry(@NotNull @Size(max = Limits.NOTES) String text) {}

    private final JobPages pages;
    private final JobEdits edits;
    private final JobHolds holds;
    private final NewJobs newJobs;
    private final JobNotes notes;
    private final Replacements replacements;

    JobController(
            JobPages pages,
            JobEdits edits,
            JobHolds holds,
            JobNotes notes,
            NewJobs newJobs,
            Replacements replacements) {
        this.replacements = replacements;
        this.newJobs = newJobs;
        this.pages = pages;
        this.edits = edits;
        this.holds = holds;
        this.notes = notes;
    }

    /** The number that a job gets that is given none. */
    @GetMapping("/next-number")
    @ForCoordinators
    NextNumber nextNumber() {
        return new NextNumber(newJobs.nextNumber());
    }

    /** A job typed in by hand; fields are read as in a file. */
    @PostMapping
    @ForCoordinators
    JobView add(@Valid @RequestBody TypedJob typed, Principal who) {
        String number = newJobs.add(
                typed.number(),
                typed.request().orElse(false),
                texts(typed.entries(), OrderField.Part.HEAD),
                typed.lines().stream()
                        .map(line -> texts(line.entries(), OrderField.Part.LINE))
                        .toList(),
                who.getName());
        return pages.of(number, who.getName());
    }

    /** A job that replaces pieces of this one; the answer is the new job. */
    @PostMapping("/one/replacements")
    @ForCoordinators
    JobView replace(
            @RequestParam @Size(max = Limits.TEXT) String job,
            @Valid @RequestBody ReplacementWish wish,
            Principal who) {
        String number = replacements.replace(
                job,
                wish.lines().stream()
                        .map(line -> new Replacements.Pieces(line.position(), line.quantity()))
                        .toList(),
                wish.reason(),
                wish.billed(),
                who.getName());
        return pages.of(number, who.getName());
    }

    private static Map<OrderField, String> texts(List<TypedEntry> entries, OrderField.Part part) {
        Map<OrderField, String> texts = new EnumMap<>(OrderField.class);
        entries.stream()
                .filter(each -> each.field().part() == part)
                .forEach(each -> texts.put(each.field(), each.text()));
        return texts;
    }

    /** Everything about a job. */
    @GetMapping("/one")
    @ForEveryone
    JobView job(@RequestParam @Size(max = Limits.TEXT) String job, Principal who) {
        return pages.of(job, who.getName());
    }

    /** Puts fields right, all of them or none. */
    @PutMapping("/one/entries")
    @ForCoordinators
    JobView edit(
            @RequestParam @Size(max = Limits.TEXT) String job,
            @Valid @RequestBody FieldEntries entries,
            Principal who) {
        edits.edit(job, entries.entries().stream().map(FieldEntry::edit).toList(), who.getName());
        return pages.of(job, who.getName());
    }

    /** One value in a field of several jobs; where it is refused a job stays as it is. */
    @PostMapping("/entries")
    @ForCoordinators
    Outcomes editAll(@Valid @RequestBody ValueForAll value, Principal who) {
        return Outcomes.of(edits.editAll(
                value.jobs().stream()
                        .map(each -> new JobEdits.Target(each.job(), each.line()))
                        .toList(),
                value.field(),
                value.text(),
                who.getName()));
    }

    /** These must not go until somebody releases them. */
    @PostMapping("/holds")
    @ForCoordinators
    Outcomes hold(@Valid @RequestBody HoldEntry entry, Principal who) {
        return Outcomes.of(holds.hold(entry.jobs(), entry.reason().strip(), who.getName()));
    }

    /** These may go. */
    @PostMapping("/releases")
    @ForCoordinators
    Outcomes release(@Valid @RequestBody JobNumbers numbers, Principal who) {
        return Outcomes.of(holds.release(numbers.jobs(), who.getName()));
    }

    /** While pieces of these are missing, what is ready goes, or they wait. */
    @PostMapping("/short-choices")
    @ForCoordinators
    Outcomes decideShort(@Valid @RequestBody ShortEntry entry, Principal who) {
        return Outcomes.of(holds.decideShort(entry.jobs(), entry.choice(), who.getName()));
    }

    /** These may go though nobody has paid. */
    @PostMapping("/payment-releases")
    @ForTheBooks
    Outcomes releaseUnpaid(@Valid @RequestBody JobNumbers numbers, Principal who) {
        return Outcomes.of(holds.releaseUnpaid(numbers.jobs(), who.getName()));
    }

    @PostMapping("/one/notes")
    @ForTheDesk
    JobView writeNote(
            @RequestParam @Size(max = Limits.TEXT) String job, @Valid @RequestBody NoteEntry note, Principal who) {
        notes.write(job, note.text(), who.getName());
        return pages.of(job, who.getName());
    }

    @DeleteMapping("/one/notes/{id}")
    @ForTheDesk
    JobView takeOutNote(@RequestParam @Size(max = Limits.TEXT) String job, @PathVariable long id, Principal who) {
        notes.takeOut(job, id, who.getName());
        return pages.of(job, who.getName());
    }
}
