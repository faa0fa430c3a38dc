package nobrec.server.document;

import java.io.IOException;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.BiFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import nobrec.core.customs.DeclarationForm;
import nobrec.core.customs.ExportPaper;
import nobrec.core.service.Service;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.server.customs.Customs;
import nobrec.server.document.page.Barcode;
import nobrec.server.document.page.JoinedPages;
import nobrec.server.document.page.PageSetter;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** Sets the papers that a way of sending needs abroad, in as many copies as it needs; none at home. */
@Component
class ExportPapers {

    private static final double MODULE_MILLIMETERS = 0.25;
    private static final int BAR_MILLIMETERS = 9;

    /** A template, and what comes of it. */
    private enum Form {
        COMMERCIAL_INVOICE(PaperKind.COMMERCIAL_INVOICE),
        STATEMENT_OF_ORIGIN(PaperKind.STATEMENT_OF_ORIGIN),
        LETTER_OF_INSTRUCTION(PaperKind.INSTRUCTION_LETTER),
        CN_22(PaperKind.CUSTOMS_DECLARATION),
        CN_23(PaperKind.CUSTOMS_DECLARATION);

        private final PaperKind kind;

        Form(PaperKind kind) {
            this.kind = kind;
        }
    }

    private final Customs customs;
    private final ExportPaperTexts texts;
    private final Map<Form, PageSetter> forms = new EnumMap<>(Form.class);

    ExportPapers(Customs customs, ExportPaperTexts texts) throws IOException {
        this.customs = customs;
        this.texts = texts;
        for (Form form : Form.values()) {
            String file = form.name().toLowerCase(Locale.ROOT).replace('_', '-');
            forms.put(form, new PageSetter(new ClassPathResource("paper/export/" + file + ".mustache")));
        }
    }

    /** What lists the whole shipment. */
    List<DrawnPaper> ofShipment(Shipment shipment, Jobs jobs, Service service) {
        return drawn(
                shipment,
                jobs,
                service,
                (paper, text) -> paper.kind() == ExportPaper.Kind.POSTAL_DECLARATION
                        ? Stream.empty()
                        : Stream.of(whole(Form.valueOf(paper.kind().name()), paper, text)));
    }

    /** What each package bears. */
    List<DrawnPaper> ofPackages(Shipment shipment, Jobs jobs, Service service) {
        return drawn(
                shipment,
                jobs,
                service,
                (paper, text) -> paper.kind() == ExportPaper.Kind.POSTAL_DECLARATION
                        ? text.packages().stream().map(packed -> postal(shipment, jobs, paper, text, packed))
                        : Stream.empty());
    }

    private List<DrawnPaper> drawn(
            Shipment shipment,
            Jobs jobs,
            Service service,
            BiFunction<ExportPaper, ExportPaperText, Stream<DrawnPaper>> each) {
        if (!isNeeded(shipment, jobs, service)) {
            return List.of();
        }
        ExportPaperText text = texts.of(shipment, jobs, service);
        return service.exportPapers().stream()
                .flatMap(paper -> each.apply(paper, text))
                .toList();
    }

    private boolean isNeeded(Shipment shipment, Jobs jobs, Service service) {
        return !service.exportPapers().isEmpty() && customs.isAbroad(shipment, jobs.leading());
    }

    private DrawnPaper postal(
            Shipment shipment, Jobs jobs, ExportPaper paper, ExportPaperText text, ExportPaperText.Packed packed) {
        DeclarationForm form = customs.form(shipment, jobs, packed.number()).form();
        String title = form.words() + (text.packages().size() > 1 ? " of package " + packed.number() : "");
        return new DrawnPaper(
                PaperKind.CUSTOMS_DECLARATION,
                packed.number(),
                title,
                copies(Form.valueOf(form.name()), paper, title, text, packed));
    }

    private DrawnPaper whole(Form form, ExportPaper paper, ExportPaperText text) {
        String title = form.kind.words();
        return new DrawnPaper(
                form.kind,
                0,
                title,
                copies(form, paper, title, text, text.packages().get(0)));
    }

    private byte[] copies(
            Form form, ExportPaper paper, String title, ExportPaperText text, ExportPaperText.Packed packed) {
        return JoinedPages.of(IntStream.rangeClosed(1, paper.copies())
                .mapToObj(copy -> Objects.requireNonNull(forms.get(form))
                        .set(
                                title + " " + text.number(),
                                Map.of(
                                        "paper",
                                        text,
                                        "packed",
                                        packed,
                                        "copy",
                                        paper.copies() == 1 ? "" : "Copy " + copy + " of " + paper.copies(),
                                        "barcode",
                                        Barcode.canHold(packed.trackingNumber())
                                                ? Barcode.svg(
                                                        packed.trackingNumber(), MODULE_MILLIMETERS, BAR_MILLIMETERS)
                                                : "",
                                        "hasBuyer",
                                        !text.buyer().isEmpty())))
                .toList());
    }
}
