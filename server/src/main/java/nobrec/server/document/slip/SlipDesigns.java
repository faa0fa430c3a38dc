package nobrec.server.document.slip;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nobrec.core.limit.Limits;
import nobrec.core.paper.StandardSlips;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.platform.Shortened;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** The slip designs there are: those that are always there, and the shop's own. */
@Service
public class SlipDesigns {

    private static final Logger LOG = LoggerFactory.getLogger(SlipDesigns.class);
    private static final int FAILURE_LETTERS = 300;

    /**
     * @param id 0 for one that is always there
     * @param version changes with each change, so that two people do not undo each other's
     * @param problem why it does not print as it says; empty text where it does
     */
    public record KeptDesign(
            long id,
            int version,
            SlipDesignDocument document,
            boolean withdrawn,
            String problem,
            Optional<Instant> problemSince,
            String changedBy) {

        public boolean isOurs() {
            return id == 0;
        }
    }

    /** @param all in the order in which they are listed */
    public record DesignSet(List<KeptDesign> all, String atHome, String abroad) {

        public Optional<KeptDesign> named(String name) {
            return all.stream()
                    .filter(each -> each.document().name().equals(name))
                    .findFirst();
        }
    }

    private final SlipDesignMapper mapper;
    private final SlipPrinter printer;
    private final JsonMapper json;
    private final SetUpVersion setUpVersion;
    private final AuditLog auditLog;
    private final Clock clock;
    private final Remembered<DesignSet> remembered;

    SlipDesigns(
            SlipDesignMapper mapper,
            SlipPrinter printer,
            JsonMapper json,
            SetUpVersion setUpVersion,
            AuditLog auditLog,
            Clock clock) {
        this.mapper = mapper;
        this.printer = printer;
        this.json = json;
        this.setUpVersion = setUpVersion;
        this.auditLog = auditLog;
        this.clock = clock;
        this.remembered = new Remembered<>(setUpVersion, this::all);
    }

    /** As they stand at this moment. */
    public DesignSet all() {
        Map<Boolean, String> defaults = mapper.defaults().stream()
                .collect(Collectors.toMap(SlipDesignMapper.DefaultRow::abroad, SlipDesignMapper.DefaultRow::name));
        String standard = StandardSlips.STANDARD.name();
        return new DesignSet(
                Stream.concat(
                                StandardSlips.all().stream()
                                        .map(design -> new KeptDesign(
                                                0, 0, SlipDesignDocument.of(design), false, "", Optional.empty(), "")),
                                mapper.all().stream().map(this::kept))
                        .toList(),
                defaults.getOrDefault(false, standard),
                defaults.getOrDefault(true, standard));
    }

    /** What house rules can name: also what is withdrawn, since a job is printed by what its rule named. */
    public Set<String> names() {
        return remembered.get().all().stream()
                .map(each -> each.document().name())
                .collect(Collectors.toSet());
    }

    /** What a rule can be made with from now on. */
    public List<String> offered() {
        return remembered.get().all().stream()
                .filter(each -> !each.withdrawn())
                .map(each -> each.document().name())
                .toList();
    }

    /**
     * The design a slip is printed by.
     *
     * @param ruled what a house rule chose; empty text for none
     * @param abroad whether it goes to another country than it leaves from
     */
    public SlipDesignDocument of(String ruled, boolean abroad) {
        DesignSet set = remembered.get();
        return Stream.of(ruled, abroad ? set.abroad() : set.atHome(), StandardSlips.STANDARD.name())
                .map(set::named)
                .flatMap(Optional::stream)
                .map(KeptDesign::document)
                .findFirst()
                .orElseThrow();
    }

    /** The slip by its design; where that fails on this job it is printed by our template, and the design says why. */
    public byte[] print(SlipText text, SlipDesignDocument design) {
        SlipPrinter.Print print = printer.print(text, design);
        print.fault().ifPresent(fault -> {
            LOG.warn("Slip design {} failed on job {}: {}", design.name(), text.job(), fault);
            mapper.noteFailure(
                    design.name(), Shortened.to(FAILURE_LETTERS, "Job " + text.job() + ": " + fault), clock.instant());
        });
        return print.pdf();
    }

    /**
     * The slip as a design that is being made would print it.
     *
     * @throws Refusal that names what of it cannot be set, and where
     */
    public byte[] preview(SlipText text, SlipDesignDocument design) {
        design.design().requireUsable();
        design.logo().ifPresent(LogoFile::require);
        try {
            return printer.set(text, design);
        } catch (SlipFault fault) {
            throw fault.refusal();
        }
    }

    @Transactional
    public KeptDesign add(SlipDesignDocument design, String signIn) {
        requirePrintable(design);
        DesignSet set = all();
        if (set.all().stream().anyMatch(each -> each.document().name().equalsIgnoreCase(design.name()))) {
            throw taken(design.name());
        }
        if (set.all().size() >= Limits.SLIP_DESIGNS) {
            throw Refusal.unusable(
                    "Slip design “" + design.name() + "”",
                    "There are " + Limits.SLIP_DESIGNS + " already.",
                    "Change one of them.");
        }
        try {
            mapper.insert(design.name(), json.writeValueAsString(design), signIn, clock.instant());
        } catch (DuplicateKeyException sameMoment) {
            throw taken(design.name());
        }
        changed(signIn, "made a slip design", design.name());
        return required(design.name());
    }

    private static Refusal taken(String name) {
        return Refusal.unusable("Slip design “" + name + "”", "There is one of that name.", "Give it another name.");
    }

    /** Changes one, unless somebody else has since it was looked at. Its name stays: rules and jobs choose it by that. */
    @Transactional
    public KeptDesign change(long id, int version, SlipDesignDocument design, String signIn) {
        SlipDesignRow before = unchanged(id, version);
        if (!design.name().equals(before.name())) {
            throw Refusal.unusable(
                    "Slip design “" + before.name() + "”",
                    "Rules and jobs choose it by its name.",
                    "Make a copy under the other name.");
        }
        requirePrintable(design);
        mapper.update(id, json.writeValueAsString(design), signIn, clock.instant());
        changed(signIn, "changed a slip design", design.name());
        return required(design.name());
    }

    /** It is no longer to be chosen, or is again; what chose it before is still printed by it. */
    @Transactional
    public void withdraw(long id, int version, boolean withdrawn, String signIn) {
        SlipDesignRow row = unchanged(id, version);
        DesignSet set = all();
        if (withdrawn && List.of(set.atHome(), set.abroad()).contains(row.name())) {
            throw Refusal.conflict(
                    "Slip design “" + row.name() + "”",
                    "Slips are printed by it where no rule chooses one.",
                    "Choose another one for that first.");
        }
        mapper.withdraw(id, withdrawn, signIn, clock.instant());
        changed(signIn, withdrawn ? "withdrew a slip design" : "offered a slip design again", row.name());
    }

    /** By which design slips are printed that no rule chooses one for. */
    @Transactional
    public void choose(boolean abroad, String name, String signIn) {
        KeptDesign design = required(name);
        if (design.withdrawn()) {
            throw Refusal.conflict("Slip design “" + name + "”", "It is withdrawn.", "Offer it again first.");
        }
        mapper.setDefault(abroad, name, signIn, clock.instant());
        changed(signIn, "chose the slip design for jobs " + (abroad ? "abroad" : "at home"), name);
    }

    private SlipDesignRow unchanged(long id, int version) {
        SlipDesignRow row =
                mapper.locked(id).orElseThrow(() -> Refusal.notFound("Slip design " + id, "Keep yours as a new one."));
        if (row.version() != version) {
            throw Refusal.changedSince(
                    "Slip design “" + row.name() + "”",
                    row.changedBy() + " has changed it since you opened it.",
                    "Open it again, or keep yours under another name.");
        }
        return row;
    }

    /** What prints neither a slip with everything nor one with the least is not kept. */
    private void requirePrintable(SlipDesignDocument design) {
        for (SlipText sample : SampleSlips.all()) {
            preview(sample, design);
        }
    }

    private void changed(String signIn, String act, String name) {
        setUpVersion.changed();
        auditLog.write(signIn, act, name, "");
    }

    private KeptDesign required(String name) {
        return all().named(name)
                .orElseThrow(() -> Refusal.notFound("Slip design “" + name + "”", "Choose another one."));
    }

    private KeptDesign kept(SlipDesignRow row) {
        Function<SlipDesignDocument, KeptDesign> as = document -> new KeptDesign(
                row.id(),
                row.version(),
                document,
                row.withdrawn(),
                row.failure(),
                Optional.ofNullable(row.failedAt()),
                row.changedBy());
        try {
            return as.apply(json.readValue(row.definition(), SlipDesignDocument.class));
        } catch (JacksonException unreadable) {
            LOG.error("Slip design {} cannot be read", row.name(), unreadable);
            return new KeptDesign(
                    row.id(),
                    row.version(),
                    unreadable(row.name()),
                    row.withdrawn(),
                    "What was kept of it cannot be read. Without our name and address until it is made again.",
                    Optional.empty(),
                    row.changedBy());
        }
    }

    /** In place of a design that cannot be read: one that gives away nothing which it may have kept to itself. */
    private static SlipDesignDocument unreadable(String name) {
        SlipDesignDocument silent = SlipDesignDocument.of(StandardSlips.SILENT);
        return new SlipDesignDocument(
                name, silent.sheet(), silent.blocks(), silent.columns(), "", "", Optional.empty());
    }
}
