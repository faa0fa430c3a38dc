package nobrec.server.design;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.security.Principal;
import java.time.Instant;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.core.paper.SheetSize;
import nobrec.core.paper.SlipBlock;
import nobrec.core.paper.SlipColumn;
import nobrec.core.refusal.Refusal;
import nobrec.server.api.PdfAnswer;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.api.security.ForRuleKeepers;
import nobrec.server.document.LabelSheets;
import nobrec.server.document.kept.PaperPurpose;
import nobrec.server.document.page.PagePicture;
import nobrec.server.document.slip.Logo;
import nobrec.server.document.slip.LogoFile;
import nobrec.server.document.slip.SlipDesignDocument;
import nobrec.server.document.slip.SlipDesigns;
import nobrec.server.document.slip.SlipPrinter;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Slip designs: how packing slips are made up, and what they would print. */
@RestController
@Tag(name = "papers")
class SlipDesignController {

    /**
     * @param atHome name of the design for jobs that no rule chooses one for and that stay in the country
     * @param abroad the same for jobs that leave it
     * @param onBox name of the design of the list of one package, for its side
     * @param labelSheet what labels are drawn for
     * @param labelSheets what they can be drawn for
     */
    record DesignList(
            List<DesignRow> rows,
            String atHome,
            String abroad,
            String onBox,
            SheetSize labelSheet,
            List<Sheet> labelSheets) {}

    /**
     * @param id 0 for one that is always there and cannot be changed
     * @param ownTemplate whether it has a template or a style sheet of its own
     * @param problem why it was last printed by our template; empty text where it was not
     */
    record DesignRow(
            long id,
            String name,
            SheetSize sheet,
            String paper,
            boolean ownTemplate,
            boolean withdrawn,
            String problem,
            Optional<Instant> problemSince,
            String changedBy) {}

    /**
     * @param blocks the kinds there are
     * @param columns the kinds there are
     * @param template ours, to begin one's own with
     * @param ourStyle ours, which comes before its own
     */
    record DesignView(
            long id,
            int version,
            boolean withdrawn,
            SlipDesignDocument design,
            List<BlockKind> blocks,
            List<ColumnKind> columns,
            List<Sheet> sheets,
            String template,
            String ourStyle) {}

    /** @param madeOf what is written as its text; empty text where it has none */
    record BlockKind(SlipBlock.Kind kind, String label, String madeOf) {}

    record ColumnKind(SlipColumn.Kind kind, String label) {}

    record Sheet(SheetSize sheet, String label) {}

    /** @param version that was looked at */
    record DesignChange(int version, @NotNull @Valid SlipDesignDocument design) {}

    /** @param version that was looked at */
    record Withdrawal(int version, boolean withdrawn) {}

    /** What a design is chosen for where nothing else chooses one. */
    enum Use {
        AT_HOME(PaperPurpose.SLIP_AT_HOME),
        ABROAD(PaperPurpose.SLIP_ABROAD),
        ON_BOX(PaperPurpose.SLIP_ON_BOX);

        private final PaperPurpose purpose;

        Use(PaperPurpose purpose) {
            this.purpose = purpose;
        }
    }

    record DefaultChoice(
            @NotNull Use use,
            @NotNull @Size(max = Limits.DESIGN_NAME) String name) {}

    record LabelSheetChoice(@NotNull SheetSize sheet) {}

    /**
     * @param job number of the job it is tried on; empty text for the sample
     * @param page that is shown, from 1
     */
    record Trial(
            @NotNull @Valid SlipDesignDocument design,
            @NotNull @Size(max = Limits.TEXT) String job,
            @Min(1) @Max(Limits.SHEET_ROWS) int page) {}

    /** @param picture of the page, a PNG as Base64 */
    record Preview(int page, int pages, String picture) {}

    private final SlipDesigns designs;
    private final SlipPreviews previews;
    private final SlipPrinter printer;
    private final LabelSheets labelSheets;

    SlipDesignController(SlipDesigns designs, SlipPreviews previews, SlipPrinter printer, LabelSheets labelSheets) {
        this.designs = designs;
        this.previews = previews;
        this.printer = printer;
        this.labelSheets = labelSheets;
    }

    @GetMapping("/api/v1/slip-designs")
    @ForEveryone
    DesignList designs() {
        SlipDesigns.DesignSet set = designs.all();
        return new DesignList(
                set.all().stream().map(SlipDesignController::row).toList(),
                set.atHome(),
                set.abroad(),
                set.onBox(),
                labelSheets.current(),
                LabelSheets.OFFERED.stream()
                        .map(sheet -> new Sheet(sheet, sheet.words()))
                        .toList());
    }

    @GetMapping("/api/v1/slip-designs/one")
    @ForEveryone
    DesignView design(@RequestParam @NotNull @Size(max = Limits.DESIGN_NAME) String name) {
        return view(designs.all()
                .named(name)
                .orElseThrow(() -> Refusal.notFound("Slip design “" + name + "”", "Choose another one.")));
    }

    /** Keeps a new one, as one that was exported elsewhere. */
    @PostMapping("/api/v1/slip-designs")
    @ForRuleKeepers
    DesignView add(@Valid @RequestBody SlipDesignDocument design, Principal who) {
        return view(designs.add(design, who.getName()));
    }

    @PutMapping("/api/v1/slip-designs/{id}")
    @ForRuleKeepers
    DesignView change(@PathVariable long id, @Valid @RequestBody DesignChange change, Principal who) {
        return view(designs.change(id, change.version(), change.design(), who.getName()));
    }

    /** No longer to be chosen, or again. Jobs whose rule named it are printed by it all the same. */
    @PutMapping("/api/v1/slip-designs/{id}/withdrawn")
    @ForRuleKeepers
    DesignList withdraw(@PathVariable long id, @Valid @RequestBody Withdrawal asked, Principal who) {
        designs.withdraw(id, asked.version(), asked.withdrawn(), who.getName());
        return designs();
    }

    @PutMapping("/api/v1/slip-designs/default")
    @ForRuleKeepers
    DesignList choose(@Valid @RequestBody DefaultChoice choice, Principal who) {
        designs.choose(choice.use().purpose, choice.name(), who.getName());
        return designs();
    }

    /** What labels are drawn for from now on. */
    @PutMapping("/api/v1/label-sheet")
    @ForRuleKeepers
    DesignList chooseLabelSheet(@Valid @RequestBody LabelSheetChoice choice, Principal who) {
        labelSheets.choose(choice.sheet(), who.getName());
        return designs();
    }

    /** A page of what a design would print; nothing is kept. */
    @PostMapping("/api/v1/slip-designs/preview")
    @ForRuleKeepers
    Preview preview(@Valid @RequestBody Trial trial) {
        PagePicture.Page page = previews.picture(trial.design(), trial.job(), trial.page());
        return new Preview(page.number(), page.pages(), Base64.getEncoder().encodeToString(page.png()));
    }

    /** What a kept design would print, on paper. */
    @GetMapping(path = "/api/v1/slip-designs/trial", produces = MediaType.APPLICATION_PDF_VALUE)
    @ForRuleKeepers
    ResponseEntity<byte[]> trial(
            @RequestParam @NotNull @Size(max = Limits.DESIGN_NAME) String name,
            @RequestParam(defaultValue = "") @Size(max = Limits.TEXT) String job) {
        return PdfAnswer.of("packing-slip", previews.pdf(design(name).design(), job));
    }

    /** A logo as slips carry it, to be put into a design; nothing is kept. */
    @PostMapping(path = "/api/v1/slip-designs/logo", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ForRuleKeepers
    Logo logo(@RequestParam MultipartFile file) throws IOException {
        return LogoFile.read(file.getBytes());
    }

    private static DesignRow row(SlipDesigns.KeptDesign kept) {
        SlipDesignDocument document = kept.document();
        return new DesignRow(
                kept.id(),
                document.name(),
                document.sheet(),
                document.sheet().words(),
                !document.isPlain(),
                kept.withdrawn(),
                kept.problem(),
                kept.problemSince(),
                kept.changedBy());
    }

    private DesignView view(SlipDesigns.KeptDesign kept) {
        return new DesignView(
                kept.id(),
                kept.version(),
                kept.withdrawn(),
                kept.document().whole(),
                Arrays.stream(SlipBlock.Kind.values())
                        .map(kind -> new BlockKind(kind, kind.words(), kind.madeOf()))
                        .toList(),
                Arrays.stream(SlipColumn.Kind.values())
                        .map(kind -> new ColumnKind(kind, kind.words()))
                        .toList(),
                Arrays.stream(SheetSize.values())
                        .map(sheet -> new Sheet(sheet, sheet.words()))
                        .toList(),
                printer.template(),
                printer.style());
    }
}
