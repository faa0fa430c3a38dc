package nobrec.server.writeback;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nobrec.core.limit.Limits;
import nobrec.core.telling.FactScope;
import nobrec.core.telling.Moment;
import nobrec.core.telling.TellingFact;
import nobrec.core.writeback.WriteBackPlan;
import nobrec.server.api.list.Choice;
import nobrec.server.api.security.ForAdministrators;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.api.security.Permission;
import nobrec.server.api.security.SignedIn;
import nobrec.server.connection.Connections;
import nobrec.server.connection.Credentials;
import nobrec.server.connection.HttpCalls;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxTargets;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.server.platform.outbox.TargetRow;
import nobrec.server.wordbook.RecordSystems;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Which system is told what of a shipment, and when. */
@RestController
@RequestMapping("/api/v1/write-backs")
@Tag(name = "write-backs")
class WriteBackController {

    private static final int JOBS_AT_ONCE = 200;

    /**
     * @param name as the other system calls it
     * @param value a template of what goes into it
     * @param whenVoid a template of what goes into it once the shipment is void
     */
    record FieldEntry(
            @NotBlank @Size(max = Limits.HEADING) String name,
            @NotNull @Size(max = Limits.TELLING_TEMPLATE) String value,
            @NotNull @Size(max = Limits.TELLING_TEMPLATE) String whenVoid) {

        WriteBackPlan.Field field() {
            return new WriteBackPlan.Field(name.strip(), value, whenVoid);
        }

        static FieldEntry of(WriteBackPlan.Field field) {
            return new FieldEntry(field.name(), field.value(), field.whenVoid());
        }
    }

    record WordEntry(
            @NotBlank @Size(max = Limits.TEXT) String ours,
            @NotNull @Size(max = Limits.TEXT) String theirs) {}

    /**
     * What a system is told.
     *
     * @param moments when it is told by itself; of a void always, where something was written
     * @param sources codes of the sources whose jobs it is told of; none: of all that have a record
     * @param number a template of the number under which it knows the job
     * @param statement by which a database is written, and for each package and line; empty texts for other systems
     * @param reading a SELECT of what stands there now; empty text for none
     */
    record PlanEntry(
            @NotNull @Size(max = 10) Set<@NotNull Moment> moments,

            @NotNull @Size(max = 50) List<@NotBlank @Size(max = Limits.TEXT) String> sources,

            @NotBlank @Size(max = Limits.TELLING_TEMPLATE) String number,
            @NotNull @Size(max = Limits.FIELDS_OF_TARGET) List<@NotNull @Valid FieldEntry> fields,
            @NotNull @Size(max = Limits.FIELDS_OF_TARGET) List<@NotNull @Valid FieldEntry> packageFields,
            @NotNull @Size(max = Limits.FIELDS_OF_TARGET) List<@NotNull @Valid FieldEntry> lineFields,
            @NotNull @Size(max = Limits.WORDS_OF_TARGET) List<@NotNull @Valid WordEntry> words,
            @NotNull @Size(max = Limits.STATEMENT) String statement,
            @NotNull @Size(max = Limits.STATEMENT) String packageStatement,
            @NotNull @Size(max = Limits.STATEMENT) String lineStatement,
            @NotNull @Size(max = Limits.STATEMENT) String reading) {

        WriteBackPlan plan() {
            return new WriteBackPlan(
                    moments,
                    sources,
                    number,
                    fields.stream().map(FieldEntry::field).toList(),
                    packageFields.stream().map(FieldEntry::field).toList(),
                    lineFields.stream().map(FieldEntry::field).toList(),
                    words.stream()
                            .map(each -> new WriteBackPlan.Word(each.ours().strip(), each.theirs()))
                            .toList(),
                    statement,
                    packageStatement,
                    lineStatement,
                    reading);
        }

        static PlanEntry of(WriteBackPlan plan) {
            return new PlanEntry(
                    plan.moments(),
                    plan.sources(),
                    plan.number(),
                    plan.fields().stream().map(FieldEntry::of).toList(),
                    plan.packageFields().stream().map(FieldEntry::of).toList(),
                    plan.lineFields().stream().map(FieldEntry::of).toList(),
                    plan.words().stream()
                            .map(each -> new WordEntry(each.ours(), each.theirs()))
                            .toList(),
                    plan.statement(),
                    plan.packageStatement(),
                    plan.lineStatement(),
                    plan.reading());
        }
    }

    /** @param version that was looked at */
    record TargetEntry(
            @Min(0) int version,
            boolean active,
            @NotNull @Valid PlanEntry plan) {}

    record NewTargetEntry(
            @NotBlank @Size(max = Limits.LAYOUT_NAME) String name,
            @NotBlank @Size(max = Limits.LAYOUT_NAME) String adapter,
            @NotBlank @Size(max = Limits.ADDRESS_OUTSIDE) String address,
            @NotNull @Size(max = Limits.TEXT) String userName,
            @NotNull @Size(max = Limits.SECRET) String secret,
            @NotNull @Valid PlanEntry plan) {}

    /**
     * @param callsAMinute by all servers together; zero: no limit
     * @param paused what is due waits
     */
    record LimitsEntry(
            boolean paused,
            @Min(0) @Max(Limits.CALLS_A_MINUTE) int callsAMinute) {}

    /**
     * @param system what kind it is
     * @param leftAlone whether this server does not call it for a moment, because it did not answer
     * @param waiting how many postings to it wait
     */
    record TargetView(
            String code,
            String name,
            String system,
            String address,
            boolean takesStatements,
            boolean leftAlone,
            int waiting,
            LimitsEntry limits,
            TargetEntry entry) {}

    record FactView(String word, String about, String forms, FactScope scope) {}

    record SystemKind(String adapter, String label, boolean takesStatements, String addressForm) {}

    /** @param books how the books are called; what goes there is set up on its own */
    record WriteBacksView(
            List<TargetView> targets,
            List<FactView> facts,
            List<Choice> moments,
            List<Choice> sources,
            List<SystemKind> kinds,
            Optional<TargetLimits> books) {}

    record TargetLimits(String code, String name, boolean leftAlone, int waiting, LimitsEntry limits) {}

    record PreviewOf(
            @NotBlank @Size(max = Limits.TEXT) String job,
            @NotNull @Valid PlanEntry plan) {}

    /** @param standing what stands there now; left out where that is not known */
    record ChangeView(String of, String field, Optional<String> standing, String fresh) {}

    /** @param trouble why it is not known what stands there; empty text where it is */
    record PreviewView(String job, String number, List<ChangeView> changes, String trouble) {}

    record JobsEntry(@NotEmpty @Size(max = JOBS_AT_ONCE) List<@NotBlank @Size(max = Limits.TEXT) String> jobs) {}

    record DemandedView(String job, boolean made, String said) {}

    record DemandedList(List<DemandedView> rows) {}

    private final WriteBackTargets targets;
    private final WriteBackPreviews previews;
    private final Connections connections;
    private final OutboxTargets outboxTargets;
    private final Outbox outbox;
    private final OutboxWorker worker;
    private final RecordSystems sources;
    private final HttpCalls calls;

    WriteBackController(
            WriteBackTargets targets,
            WriteBackPreviews previews,
            Connections connections,
            OutboxTargets outboxTargets,
            Outbox outbox,
            OutboxWorker worker,
            RecordSystems sources,
            HttpCalls calls) {
        this.targets = targets;
        this.previews = previews;
        this.connections = connections;
        this.outboxTargets = outboxTargets;
        this.outbox = outbox;
        this.worker = worker;
        this.sources = sources;
        this.calls = calls;
    }

    @GetMapping
    @ForAllButPackers
    WriteBacksView all() {
        Map<String, TargetRow> limits = outboxTargets.all();
        return new WriteBacksView(
                targets.all().stream()
                        .flatMap(each -> connections.find(each.code()).stream()
                                .map(connection -> view(each, connection, limits)))
                        .toList(),
                Arrays.stream(TellingFact.values())
                        .map(each -> new FactView(
                                each.word(), each.about(), each.kind().forms(), each.scope()))
                        .toList(),
                Arrays.stream(Moment.values())
                        .filter(each -> each.isOfShipment() && each != Moment.VOID)
                        .map(each -> new Choice(each.name(), each.words()))
                        .toList(),
                sources.recordSystems().stream()
                        .map(each -> new Choice(each.code(), each.name()))
                        .toList(),
                targets.kinds().stream()
                        .map(each -> new SystemKind(
                                each.adapterName(), each.label(), each.takesStatements(), each.addressForm()))
                        .toList(),
                connections.find(Connections.BOOKS).map(each -> limits(each, limits)));
    }

    private TargetView view(WriteBackTarget target, Connections.Named connection, Map<String, TargetRow> limits) {
        WriteBackPort port = targets.named(connection.adapter());
        TargetLimits now = limits(connection, limits);
        return new TargetView(
                target.code(),
                connection.name(),
                port.label(),
                connection.address(),
                port.takesStatements(),
                now.leftAlone(),
                now.waiting(),
                now.limits(),
                new TargetEntry(target.version(), target.active(), PlanEntry.of(target.plan())));
    }

    private TargetLimits limits(Connections.Named connection, Map<String, TargetRow> limits) {
        TargetRow row = limits.getOrDefault(connection.code(), TargetRow.usual(connection.code()));
        return new TargetLimits(
                connection.code(),
                connection.name(),
                calls.leavesAlone(connection.code()),
                outbox.waitingFor(connection.code()),
                new LimitsEntry(row.paused(), row.callsAMinute()));
    }

    @PostMapping
    @ForAdministrators
    WriteBacksView add(@RequestBody @Valid NewTargetEntry entry, Principal who) {
        Optional<Credentials> credentials = entry.secret().isEmpty()
                ? Optional.empty()
                : Optional.of(new Credentials(entry.userName().strip(), entry.secret()));
        targets.add(
                new WriteBackTargets.NewTarget(entry.name().strip(), entry.adapter(), entry.address(), credentials),
                entry.plan().plan(),
                true,
                who.getName());
        return all();
    }

    @PutMapping("/{code}")
    @ForAdministrators
    WriteBacksView change(@PathVariable String code, @RequestBody @Valid TargetEntry entry, Principal who) {
        targets.change(
                new WriteBackTarget(
                        code, entry.version(), entry.active(), entry.plan().plan()),
                who.getName());
        return all();
    }

    @PutMapping("/{code}/limits")
    @ForAdministrators
    WriteBacksView limit(@PathVariable String code, @RequestBody @Valid LimitsEntry entry, Principal who) {
        if (!code.equals(Connections.BOOKS)) {
            targets.coded(code);
        }
        targets.limit(new TargetRow(code, entry.paused(), entry.callsAMinute()), who.getName());
        worker.start();
        return all();
    }

    /**
     * What would be written of a job that has left, beside what stands there; changes nothing. Only who may set it up tries what is not
     * kept yet: a SELECT in it could read whatever is over there.
     */
    @PostMapping("/{code}/preview")
    @ForAllButPackers
    PreviewView preview(@PathVariable String code, @RequestBody @Valid PreviewOf of) {
        WriteBackPlan plan = SignedIn.may(Permission.SET_UP)
                ? of.plan().plan()
                : targets.coded(code).plan();
        WriteBackPreviews.Preview preview =
                previews.preview(code, plan, of.job().strip());
        return new PreviewView(
                preview.job(),
                preview.number(),
                preview.changes().stream()
                        .map(each -> new ChangeView(each.of(), each.field(), each.standing(), each.fresh()))
                        .toList(),
                preview.trouble());
    }

    /** Has those jobs written as they are now, with a result each. */
    @PostMapping("/{code}/jobs")
    @ForAllButPackers
    DemandedList demand(@PathVariable String code, @RequestBody @Valid JobsEntry entry) {
        targets.coded(code);
        List<DemandedView> rows = entry.jobs().stream()
                .map(job -> previews.demand(code, job.strip()))
                .map(each -> new DemandedView(each.job(), each.made(), each.said()))
                .toList();
        worker.start();
        return new DemandedList(rows);
    }
}
