package nobrec.server.mail;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nobrec.core.limit.Limits;
import nobrec.core.mail.MailAddress;
import nobrec.core.telling.FactScope;
import nobrec.core.telling.Moment;
import nobrec.core.telling.TellingFact;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.api.list.Choice;
import nobrec.server.api.list.Outcome;
import nobrec.server.api.list.Outcomes;
import nobrec.server.api.security.ForAdministrators;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.api.security.ForCoordinators;
import nobrec.server.api.security.ForRuleKeepers;
import nobrec.server.audit.AuditLog;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.document.PaperKind;
import nobrec.server.platform.csv.UploadedFile;
import nobrec.server.platform.kept.KeptDocument;
import nobrec.server.telling.GoneShipment;
import nobrec.server.workorder.WorkOrders;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Emails: when which are written, how they look, what is attached, who wants none. */
@RestController
@RequestMapping("/api/v1/emails")
@Tag(name = "emails")
class MailController {

    /** @param version to be sent with each change */
    record MailRuleList(
            int version,
            List<MailRuleDocument> rules,
            List<Choice> moments,
            List<Choice> papers,
            List<Choice> facts,
            List<FileView> files) {}

    record MailRuleChange(
            @Min(0) int version,
            @NotNull @Size(max = Limits.STATUS_RULES) List<@NotNull @Valid MailRuleDocument> rules) {}

    /** @param publicAddress where customers reach this server; empty text: they do not */
    record LookEntry(
            @Min(0) int version,
            @NotNull @Size(max = Limits.TEXT) String senderName,
            @NotNull @Size(max = 254) String senderAddress,
            @NotNull @Size(max = 254) String replyTo,
            @NotNull @Pattern(regexp = "#[0-9a-fA-F]{6}") String color,
            @NotNull @Size(max = Limits.NOTES) String closing,
            @NotNull @Size(max = 300) String publicAddress) {}

    /** @param logo the picture, as an address that holds it (RFC 2397); empty text for none */
    record LookView(LookEntry entry, String logo) {}

    record FileView(long id, String name, int size) {}

    record StopView(String address, Instant at, boolean byReceiver) {}

    record StopList(List<StopView> rows) {}

    record StopEntry(@NotBlank @Size(max = 254) String address) {}

    record TrialOf(
            @NotBlank @Size(max = Limits.TEXT) String job,
            @NotNull @Valid MailRuleDocument rule) {}

    record TestOf(
            @NotBlank @Size(max = Limits.TEXT) String job,
            @NotNull @Valid MailRuleDocument rule,
            @NotBlank @Size(max = 254) String to) {}

    /** @param email name of the one that is written */
    record WritingOf(
            @NotNull @NotEmpty @Size(max = Limits.JOBS_AT_ONCE)
            List<@NotNull @Size(max = Limits.TEXT) String> jobs,

            @NotBlank @Size(max = Limits.RULE_NAME) String email) {}

    /**
     * @param to whom it would go to
     * @param stopped who it would go to and wants no more
     * @param why it would not be written; empty text where it would
     * @param left whether the job has left, so that all facts are known
     * @param attached names of what would be attached
     */
    record TriedView(
            List<String> to,
            List<String> stopped,
            String why,
            boolean left,
            String subject,
            String html,
            String text,
            List<String> attached) {}

    record SentView(boolean sent, String said) {}

    /** What is known at some moments only, so that a preview says something there. */
    private static final Map<TellingFact, String> SAMPLE_FACTS = Map.of(
            TellingFact.EXCEPTION, "Damaged, held at the depot",
            TellingFact.QUOTE, "24.60",
            TellingFact.QUOTED_SERVICE, "Ground",
            TellingFact.QUOTED_UNTIL, "2027-01-15",
            TellingFact.TO_COME_BACK, "2 x SK-2",
            TellingFact.RETURN_LABEL, "PV900417000993",
            TellingFact.RETURN_DUE, "2027-01-15");

    private final MailRules rules;
    private final MailSettings settings;
    private final MailWriting writing;
    private final MailSender sender;
    private final MailStops stops;
    private final MailOutbox outbox;
    private final WorkOrders workOrders;

    MailController(
            MailRules rules,
            MailSettings settings,
            MailWriting writing,
            MailSender sender,
            MailStops stops,
            MailOutbox outbox,
            WorkOrders workOrders) {
        this.rules = rules;
        this.settings = settings;
        this.writing = writing;
        this.sender = sender;
        this.stops = stops;
        this.outbox = outbox;
        this.workOrders = workOrders;
    }

    @GetMapping("/rules")
    @ForAllButPackers
    MailRuleList all() {
        KeptDocument.Kept<List<MailRuleDocument>> kept = rules.kept();
        return new MailRuleList(
                kept.version(),
                kept.document(),
                Arrays.stream(Moment.values())
                        .filter(Moment::isMailed)
                        .map(each -> new Choice(each.name(), each.words()))
                        .toList(),
                Arrays.stream(PaperKind.values())
                        .filter(each -> each != PaperKind.MANIFEST)
                        .map(each -> new Choice(each.name(), each.words()))
                        .toList(),
                Arrays.stream(TellingFact.values())
                        .filter(each -> each.scope() == FactScope.SHIPMENT)
                        .map(each -> new Choice(each.word(), each.about()))
                        .toList(),
                fileViews());
    }

    private List<FileView> fileViews() {
        return settings.files().stream()
                .map(each -> new FileView(each.id(), each.name(), each.size()))
                .toList();
    }

    @PutMapping("/rules")
    @ForRuleKeepers
    MailRuleList change(@RequestBody @Valid MailRuleChange change, Principal who) {
        rules.change(change.version(), change.rules(), who.getName());
        return all();
    }

    /** What would be written of a job; nothing is sent. */
    @PostMapping("/trials")
    @ForRuleKeepers
    TriedView tryOn(@RequestBody @Valid TrialOf of) {
        Sample sample = sample(of.rule(), of.job());
        MailSettingRow look = settings.kept();
        Optional<String> stopLink = of.rule().colleagues() ? Optional.empty() : stops.link(look, sample.address());
        return new TriedView(
                sample.written().mails().stream().map(MailRequest::to).toList(),
                sample.written().stopped(),
                sample.written().why(),
                sample.gone().isPresent(),
                sample.mail().subject(),
                MailHtml.of(
                        sample.mail().text(),
                        look,
                        Optional.of(settings.logoAddress(look)).filter(each -> !each.isEmpty()),
                        stopLink),
                MailHtml.plain(sample.mail().text(), look, stopLink),
                attached(of.rule()));
    }

    private List<String> attached(MailRuleDocument rule) {
        List<String> names = new ArrayList<>(
                rule.papers().stream().map(PaperKind::words).sorted().toList());
        fileViews().stream().filter(each -> rule.files().contains(each.id())).forEach(each -> names.add(each.name()));
        return names;
    }

    private record Sample(
            MailWriting.Written written, MailRequest mail, MailAddress address, Optional<GoneShipment> gone) {}

    /** As it would be written; to somebody made up where it would go to nobody. */
    private Sample sample(MailRuleDocument document, String jobNumber) {
        MailRules.CountingRule rule = rules.read(document);
        WorkOrder job = workOrders.byNumber(jobNumber.strip());
        Optional<GoneShipment> gone = writing.goneOf(job);
        List<WorkOrder> jobs = gone.map(left -> left.jobs().all()).orElse(List.of(job));
        MailWriting.Written written = writing.write(rule, jobs, gone, SAMPLE_FACTS);
        MailRequest mail = written.mails().isEmpty()
                ? writing.sample(rule, job, gone, SAMPLE_FACTS)
                : written.mails().get(0);
        return new Sample(written, mail, MailAddress.read(mail.to()).orElseThrow(), gone);
    }

    /** Sends it to one address, now; what the server says is the answer. */
    @PostMapping("/tests")
    @ForRuleKeepers
    SentView test(@RequestBody @Valid TestOf of) {
        MailAddress to = MailAddress.require("The address", of.to());
        MailRequest mail = sample(of.rule(), of.job()).mail();
        OutsideAnswer<String> answer = sender.deliver(UUID.randomUUID().toString(), mail, to, List.of());
        if (answer instanceof OutsideAnswer.Accepted<String> accepted) {
            return new SentView(true, accepted.result());
        }
        return new SentView(
                false, answer instanceof OutsideAnswer.Refused<String> refused ? refused.reason() : answer.whyOpen());
    }

    /** Has one written now, about each of these jobs; a result for each. */
    @PostMapping("/writing")
    @ForCoordinators
    Outcomes write(@RequestBody @Valid WritingOf of, Principal who) {
        return Outcomes.of(
                Outcome.ofEach(of.jobs(), job -> job, job -> outbox.onDemand(job.strip(), of.email(), who.getName())));
    }

    // How they look ----------------------------------------------------------------------------------------------

    @GetMapping("/look")
    @ForAllButPackers
    LookView look() {
        MailSettingRow kept = settings.kept();
        return new LookView(
                new LookEntry(
                        kept.version(),
                        kept.senderName(),
                        kept.senderAddress(),
                        kept.replyTo(),
                        kept.color(),
                        kept.closing(),
                        kept.publicAddress()),
                settings.logoAddress(kept));
    }

    @PutMapping("/look")
    @ForAdministrators
    LookView keepLook(@RequestBody @Valid LookEntry entry, Principal who) {
        settings.keep(
                new MailSettingRow(
                        entry.version(),
                        entry.senderName().strip(),
                        entry.senderAddress().strip(),
                        entry.replyTo().strip(),
                        entry.color(),
                        entry.closing().strip(),
                        entry.publicAddress().strip(),
                        ""),
                who.getName());
        return look();
    }

    @PostMapping(path = "/logo", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ForAdministrators
    LookView keepLogo(@RequestParam("file") MultipartFile file, Principal who) {
        settings.keepLogo(UploadedFile.of(file).content(), who.getName());
        return look();
    }

    // Files ------------------------------------------------------------------------------------------------------

    @PostMapping(path = "/files", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ForAdministrators
    MailRuleList addFile(@RequestParam("file") MultipartFile file, Principal who) {
        UploadedFile sent = UploadedFile.of(file);
        settings.addFile(sent.name().replaceAll("[\\p{Cntrl}/\\\\]+", "-"), sent.content(), who.getName());
        return all();
    }

    @DeleteMapping("/files/{id}")
    @ForAdministrators
    MailRuleList removeFile(@PathVariable long id, Principal who) {
        settings.removeFile(id, rules.kept().document(), who.getName());
        return all();
    }

    // Who wants none ---------------------------------------------------------------------------------------------

    @GetMapping("/stops")
    @ForAllButPackers
    StopList stops() {
        return new StopList(stops.newest().stream()
                .map(each -> new StopView(
                        each.address(), each.stoppedAt(), each.stoppedBy().equals(AuditLog.BY_ITSELF)))
                .toList());
    }

    @PostMapping("/stops")
    @ForRuleKeepers
    StopList stop(@RequestBody @Valid StopEntry entry, Principal who) {
        stops.stop(MailAddress.require("The address", entry.address()), who.getName());
        return stops();
    }

    @PostMapping("/stops/removal")
    @ForRuleKeepers
    StopList unstop(@RequestBody @Valid StopEntry entry, Principal who) {
        stops.unstop(entry.address(), who.getName());
        return stops();
    }
}
