package nobrec.server.design;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import nobrec.core.limit.Limits;
import nobrec.core.measure.LengthUnit;
import nobrec.core.paper.SheetSize;
import nobrec.core.paper.StickerField;
import nobrec.core.paper.StickerSheet;
import nobrec.server.api.PdfAnswer;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.api.security.ForRuleKeepers;
import nobrec.server.document.page.PagePicture;
import nobrec.server.document.sticker.StickerPrinter;
import nobrec.server.document.sticker.StickerSheetDocument;
import nobrec.server.document.sticker.StickerSheets;
import nobrec.server.document.sticker.StickerText;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Stickers on sheets: how the sheets are made up, and the stickers of jobs. */
@RestController
@Tag(name = "papers")
class StickerController {

    /** @param fields what a sticker can say */
    record SheetList(List<SheetView> rows, List<FieldView> fields, List<PaperView> papers) {}

    /** @param id 0 for one that is always there and cannot be changed */
    record SheetView(long id, int version, StickerSheetDocument sheet, boolean withdrawn, String changedBy) {}

    record FieldView(StickerField field, String label) {}

    record PaperView(SheetSize sheet, String label) {}

    /** @param version that was looked at */
    record SheetChange(int version, @NotNull @Valid StickerSheetDocument sheet) {}

    /** @param version that was looked at */
    record SheetWithdrawal(int version, boolean withdrawn) {}

    /**
     * @param jobs their numbers, in the order in which they are printed; none for a sheet full of a sample
     * @param first place that is free on the first sheet, from 1
     * @param each how many of each
     * @param page that is shown, from 1
     */
    record StickerTrial(
            @NotNull @Valid StickerSheetDocument sheet,
            @NotNull @Size(max = Limits.JOBS_ON_PAPER) List<@NotNull @Size(max = Limits.TEXT) String> jobs,
            @Min(1) @Max(1600) int first,
            @Min(1) @Max(Limits.STICKERS_AT_ONCE) int each,
            @Min(1) @Max(Limits.STICKERS_AT_ONCE) int page) {}

    /**
     * @param picture of the page, a PNG as Base64
     * @param paperWidth of the sheet in millimeters, so that it can be shown true to size
     * @param size of one sticker, in words
     * @param smaller jobs whose text is set smaller than wanted
     * @param cut jobs whose text is cut
     * @param withoutBarcode jobs whose barcode does not fit
     */
    record StickerPreview(
            int page,
            int pages,
            String picture,
            double paperWidth,
            String size,
            int stickers,
            List<String> smaller,
            List<String> cut,
            List<String> withoutBarcode) {}

    private static final int PLACES = 1;

    private final StickerSheets sheets;
    private final StickerTexts texts;
    private final StickerPrinter printer;

    StickerController(StickerSheets sheets, StickerTexts texts, StickerPrinter printer) {
        this.sheets = sheets;
        this.texts = texts;
        this.printer = printer;
    }

    @GetMapping("/api/v1/sticker-sheets")
    @ForEveryone
    SheetList sheets() {
        return new SheetList(
                sheets.all().stream()
                        .map(each -> new SheetView(
                                each.id(), each.version(), each.document(), each.withdrawn(), each.changedBy()))
                        .toList(),
                Arrays.stream(StickerField.values())
                        .map(field -> new FieldView(field, field.words()))
                        .toList(),
                Arrays.stream(SheetSize.values())
                        .map(sheet -> new PaperView(sheet, sheet.words()))
                        .toList());
    }

    /** Keeps a new one, as one that was saved as a file elsewhere. */
    @PostMapping("/api/v1/sticker-sheets")
    @ForRuleKeepers
    SheetList add(@Valid @RequestBody StickerSheetDocument sheet, Principal who) {
        sheets.add(sheet, who.getName());
        return sheets();
    }

    @PutMapping("/api/v1/sticker-sheets/{id}")
    @ForRuleKeepers
    SheetList change(@PathVariable long id, @Valid @RequestBody SheetChange change, Principal who) {
        sheets.change(id, change.version(), change.sheet(), who.getName());
        return sheets();
    }

    /** No longer to be chosen, or again. */
    @PutMapping("/api/v1/sticker-sheets/{id}/withdrawn")
    @ForRuleKeepers
    SheetList withdraw(@PathVariable long id, @Valid @RequestBody SheetWithdrawal asked, Principal who) {
        sheets.withdraw(id, asked.version(), asked.withdrawn(), who.getName());
        return sheets();
    }

    /** A sheet as it would be printed, and what of it does not fit; nothing is kept. */
    @PostMapping("/api/v1/sticker-sheets/preview")
    @ForEveryone
    StickerPreview preview(@Valid @RequestBody StickerTrial trial) {
        StickerSheet sheet = sheets.read(trial.sheet());
        List<StickerText> all =
                trial.jobs().isEmpty() ? texts.samples(sheet) : texts.of(trial.jobs(), sheet, trial.each());
        StickerPrinter.Stickers printed = printer.print(sheet, all, place(trial.first(), sheet));
        PagePicture.Page page = PagePicture.colored(printed.pdf(), trial.page());
        return new StickerPreview(
                page.number(),
                page.pages(),
                Base64.getEncoder().encodeToString(page.png()),
                sheet.sheet().width().in(LengthUnit.MILLIMETER, PLACES).doubleValue(),
                size(sheet),
                all.size(),
                once(printed.smaller()),
                once(printed.cut()),
                once(printed.withoutBarcode()));
    }

    private static List<String> once(List<String> about) {
        return about.stream().distinct().toList();
    }

    private static int place(int first, StickerSheet sheet) {
        return (first - 1) % sheet.stickers();
    }

    private static String size(StickerSheet sheet) {
        return sheet.stickerWidth().in(LengthUnit.MILLIMETER, PLACES).toPlainString() + " × "
                + sheet.stickerHeight().in(LengthUnit.MILLIMETER, PLACES).toPlainString() + " mm, "
                + sheet.stickerWidth().in(LengthUnit.INCH, 2).toPlainString() + " × "
                + sheet.stickerHeight().in(LengthUnit.INCH, 2).toPlainString() + " in";
    }

    /** The stickers of jobs on a sheet that is kept. */
    @GetMapping(path = "/api/v1/stickers", produces = MediaType.APPLICATION_PDF_VALUE)
    @ForEveryone
    ResponseEntity<byte[]> stickers(
            @RequestParam @NotNull @Size(max = Limits.DESIGN_NAME) String sheet,
            @RequestParam @NotNull @Size(min = 1, max = Limits.JOBS_ON_PAPER)
                    List<@NotNull @Size(max = Limits.TEXT) String> job,
            @RequestParam(defaultValue = "1") @Min(1) @Max(1600) int first,
            @RequestParam(defaultValue = "1") @Min(1) @Max(Limits.STICKERS_AT_ONCE) int each) {
        StickerSheet kept = sheets.named(sheet);
        return PdfAnswer.of(
                "stickers",
                printer.print(kept, texts.of(job, kept, each), place(first, kept))
                        .pdf());
    }

    /** Frames and numbers, to be laid over a sheet. */
    @GetMapping(path = "/api/v1/sticker-test", produces = MediaType.APPLICATION_PDF_VALUE)
    @ForEveryone
    ResponseEntity<byte[]> test(@RequestParam @NotNull @Size(max = Limits.DESIGN_NAME) String sheet) {
        return PdfAnswer.of("sticker-test", printer.test(sheets.named(sheet)));
    }
}
