package nobrec.server.document.slip;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nobrec.core.paper.PeelOff;
import nobrec.core.paper.SlipDesign;
import nobrec.core.paper.StandardSlips;
import nobrec.core.refusal.Refusal;
import nobrec.server.document.kept.PaperDefaults;
import nobrec.server.document.kept.PaperDesignKind;
import nobrec.server.document.kept.PaperDesignRow;
import nobrec.server.document.kept.PaperDesigns;
import nobrec.server.document.kept.PaperPurpose;
import nobrec.server.document.page.JoinedPages;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** The slip designs there are: those that are always there, and the shop's own. */
@Service
public class SlipDesigns {

    private static final Logger LOG = LoggerFactory.getLogger(SlipDesigns.class);
    private static final PaperDesignKind KIND = PaperDesignKind.SLIP;

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
            String changedBy) {}

    /** @param all in the order in which they are listed */
    public record DesignSet(List<KeptDesign> all, String atHome, String abroad, String onBox) {

        public Optional<KeptDesign> named(String name) {
            return all.stream()
                    .filter(each -> each.document().name().equals(name))
                    .findFirst();
        }
    }

    private final PaperDesigns kept;
    private final PaperDefaults defaults;
    private final SlipPrinter printer;
    private final JsonMapper json;
    private final NobrecSettings settings;
    private final Remembered<DesignSet> remembered;

    SlipDesigns(
            PaperDesigns kept,
            PaperDefaults defaults,
            SlipPrinter printer,
            JsonMapper json,
            NobrecSettings settings,
            SetUpVersion setUpVersion) {
        this.kept = kept;
        this.defaults = defaults;
        this.printer = printer;
        this.json = json;
        this.settings = settings;
        this.remembered = new Remembered<>(setUpVersion, this::all);
    }

    /** As they stand at this moment. */
    public DesignSet all() {
        Map<PaperPurpose, String> chosen = defaults.all();
        String standard = StandardSlips.STANDARD.name();
        return new DesignSet(
                Stream.concat(
                                StandardSlips.all().stream()
                                        .map(design -> new KeptDesign(
                                                0, 0, SlipDesignDocument.of(design), false, "", Optional.empty(), "")),
                                kept.all(KIND).stream().map(this::read))
                        .toList(),
                chosen.getOrDefault(PaperPurpose.SLIP_AT_HOME, standard),
                chosen.getOrDefault(PaperPurpose.SLIP_ABROAD, standard),
                chosen.getOrDefault(PaperPurpose.SLIP_ON_BOX, StandardSlips.ON_BOX.name()));
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
        return first(set, ruled, abroad ? set.abroad() : set.atHome(), StandardSlips.STANDARD.name());
    }

    /** The design of the list of what is in one package, for its side. */
    public SlipDesignDocument onBox() {
        DesignSet set = remembered.get();
        return first(set, set.onBox(), StandardSlips.ON_BOX.name());
    }

    private static SlipDesignDocument first(DesignSet set, String... names) {
        return Stream.of(names)
                .map(set::named)
                .flatMap(Optional::stream)
                .map(KeptDesign::document)
                .findFirst()
                .orElseThrow();
    }

    /**
     * The slip by its design; where that fails on this job it is printed by our template, and the design says why.
     *
     * @param labels of its packages by their number, for a design with a label to peel off: then each package has a sheet
     */
    public byte[] print(SlipText text, SlipDesignDocument design, Map<Integer, byte[]> labels) {
        Optional<PeelOff> peelOff = placeOfLabel(text, design);
        if (peelOff.isEmpty() || labels.isEmpty()) {
            return printed(text, design, Optional.empty());
        }
        List<byte[]> sheets = text.packages().stream()
                .map(packed -> LabelOnSlip.laid(
                        printed(text.ofPackage(packed), design, peelOff),
                        Optional.ofNullable(labels.get(packed.number())),
                        peelOff.get()))
                .toList();
        return JoinedPages.of(sheets);
    }

    private byte[] printed(SlipText text, SlipDesignDocument design, Optional<PeelOff> peelOff) {
        SlipPrinter.Print print = printer.print(text, design, peelOff);
        print.fault().ifPresent(fault -> failed(text, design, fault));
        return print.pdf();
    }

    /** Where its measures cannot be read any more, as after another notation was set, the slip goes without. */
    private Optional<PeelOff> placeOfLabel(SlipText text, SlipDesignDocument design) {
        try {
            return peelOff(design);
        } catch (Refusal unreadable) {
            failed(text, design, unreadable.thing() + ": " + unreadable.reason());
            return Optional.empty();
        }
    }

    private void failed(SlipText text, SlipDesignDocument design, String fault) {
        LOG.warn("Slip design {} failed on job {}: {}", design.name(), text.job(), fault);
        kept.noteFailure(KIND, design.name(), "Job " + text.job() + ": " + fault);
    }

    private Optional<PeelOff> peelOff(SlipDesignDocument design) {
        return design.peelOff().map(each -> each.read(settings.units(), settings.decimals()));
    }

    /**
     * The slip as a design that is being made would print it.
     *
     * @throws Refusal that names what of it cannot be set, and where
     */
    public byte[] preview(SlipText text, SlipDesignDocument design) {
        design.design().requireUsable();
        design.logo().ifPresent(LogoFile::require);
        Optional<PeelOff> peelOff = peelOff(design);
        peelOff.ifPresent(label -> label.requireOn(design.sheet()));
        try {
            if (peelOff.isEmpty()) {
                return printer.set(text, design, peelOff);
            }
            SlipText first = text.ofPackage(text.packages().get(0));
            return LabelOnSlip.laid(printer.set(first, design, peelOff), Optional.empty(), peelOff.get());
        } catch (SlipFault fault) {
            throw fault.refusal();
        }
    }

    @Transactional
    public KeptDesign add(SlipDesignDocument design, String signIn) {
        requirePrintable(design);
        List<String> always = StandardSlips.all().stream().map(SlipDesign::name).toList();
        kept.add(KIND, design.name(), json.writeValueAsString(design), always, signIn);
        return required(design.name());
    }

    /** Changes one, unless somebody else has since it was looked at. Its name stays: rules and jobs choose it by that. */
    @Transactional
    public KeptDesign change(long id, int version, SlipDesignDocument design, String signIn) {
        requirePrintable(design);
        kept.change(KIND, id, version, design.name(), json.writeValueAsString(design), signIn);
        return required(design.name());
    }

    /** It is no longer to be chosen, or is again; what chose it before is still printed by it. */
    @Transactional
    public void withdraw(long id, int version, boolean withdrawn, String signIn) {
        String name = kept.withdraw(KIND, id, version, withdrawn, signIn);
        DesignSet set = all();
        if (withdrawn && List.of(set.atHome(), set.abroad(), set.onBox()).contains(name)) {
            throw Refusal.conflict(
                    "Slip design “" + name + "”",
                    "Slips are printed by it where no rule chooses one.",
                    "Choose another one for that first.");
        }
    }

    /** By which design slips are printed where nothing else chooses one. */
    @Transactional
    public void choose(PaperPurpose purpose, String name, String signIn) {
        KeptDesign design = required(name);
        if (design.withdrawn()) {
            throw Refusal.conflict("Slip design “" + name + "”", "It is withdrawn.", "Offer it again first.");
        }
        defaults.set(purpose, name, signIn);
    }

    /** What prints neither a slip with everything nor one with the least is not kept. */
    private void requirePrintable(SlipDesignDocument design) {
        for (SlipText sample : SampleSlips.all()) {
            preview(sample, design);
        }
    }

    private KeptDesign required(String name) {
        return all().named(name)
                .orElseThrow(() -> Refusal.notFound("Slip design “" + name + "”", "Choose another one."));
    }

    private KeptDesign read(PaperDesignRow row) {
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
                name, silent.sheet(), silent.blocks(), silent.columns(), "", "", Optional.empty(), Optional.empty());
    }
}
