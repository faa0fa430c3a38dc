package nobrec.server.document;

import java.io.IOException;
import java.io.OutputStream;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.document.page.PagePicture;
import nobrec.server.document.slip.SlipDesignDocument;
import nobrec.server.document.slip.SlipDesigns;
import nobrec.server.document.slip.SlipText;
import nobrec.server.platform.outbox.Subject;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.multipdf.PDFMergerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.springframework.stereotype.Service;

/** Makes papers and keeps them: the same bytes come back however often they are printed. */
@Service
public class Papers {

    private final PaperMapper mapper;
    private final LabelPrinter labels;
    private final LabelSheets labelSheets;
    private final SlipDesigns slips;
    private final ManifestPrinter manifests;
    private final BillPrinter bills;
    private final AuditLog auditLog;
    private final Clock clock;

    Papers(
            PaperMapper mapper,
            LabelPrinter labels,
            LabelSheets labelSheets,
            SlipDesigns slips,
            ManifestPrinter manifests,
            BillPrinter bills,
            AuditLog auditLog,
            Clock clock) {
        this.auditLog = auditLog;
        this.manifests = manifests;
        this.bills = bills;
        this.mapper = mapper;
        this.labels = labels;
        this.labelSheets = labelSheets;
        this.slips = slips;
        this.clock = clock;
    }

    public NewPaper drawLabel(Subject subject, int packageNumber, LabelText text) {
        String title = "Label " + text.piece() + " of " + text.pieces();
        return drawn(subject, PaperKind.LABEL, packageNumber, title, labels.print(text, labelSheets.current()));
    }

    /** One that is not kept. */
    byte[] drawSample(LabelText text) {
        return labels.print(text, labelSheets.current());
    }

    /** What is in one package, for its side; not kept. */
    byte[] drawOnBox(SlipText text, SlipText.PackageText packed) {
        return slips.print(text.ofPackage(packed), slips.onBox(), Map.of());
    }

    public NewPaper drawReturnLabel(Subject subject, LabelText text) {
        return drawn(subject, PaperKind.RETURN_LABEL, 0, "Return label", labels.print(text, labelSheets.current()));
    }

    public NewPaper drawSlip(Subject subject, SlipText text, SlipDesignDocument design, Map<Integer, byte[]> labels) {
        return drawn(subject, PaperKind.PACKING_SLIP, 0, "Packing slip", slips.print(text, design, labels));
    }

    public NewPaper drawBill(Subject subject, BillText text) {
        return drawn(subject, PaperKind.BILL_OF_LADING, 0, "Bill of lading", bills.print(text));
    }

    /** One that another part of this room has set. */
    NewPaper drawn(Subject subject, DrawnPaper paper) {
        return drawn(subject, paper.kind(), paper.packageNumber(), paper.title(), paper.pdf());
    }

    public NewPaper drawManifest(Subject subject, ManifestText text) {
        return drawn(subject, PaperKind.MANIFEST, 0, "Manifest", manifests.print(text));
    }

    private NewPaper drawn(Subject subject, PaperKind kind, int packageNumber, String title, byte[] pdf) {
        return new NewPaper(subject, kind, packageNumber, title, PaperPacking.plain(pdf), clock.instant());
    }

    public void keep(List<NewPaper> papers) {
        mapper.insert(papers);
    }

    /**
     * They stay, and nobody takes them for those that count.
     *
     * @param voidBy id of what made them void
     */
    public void markVoid(Subject.Kind kind, long id, long voidBy) {
        mapper.markVoid(kind, id, voidBy);
    }

    /** The label of one package, and the papers that list it. */
    public void markPackageVoid(Subject.Kind kind, long id, int packageNumber, long voidBy) {
        mapper.markPackageVoid(kind, id, packageNumber, voidBy);
    }

    /** The labels of a shipment's packages that count, by the package's number. */
    Map<Integer, byte[]> labels(long shipmentId) {
        return of(Subject.Kind.SHIPMENT, shipmentId).stream()
                .filter(paper -> paper.kind() == PaperKind.LABEL)
                .collect(Collectors.toMap(PaperRow::packageNumber, paper -> pdf(paper.id()), (before, newer) -> newer));
    }

    /** Those that count, without the bytes. */
    public List<PaperRow> of(Subject.Kind kind, long id) {
        return mapper.of(kind, id);
    }

    /**
     * The papers of some subjects that count, one after the other, as one PDF.
     *
     * @param only papers of these kinds; empty for all
     * @param out what it is written to; pages wait in a file, not in memory
     */
    public void join(Subject.Kind kind, List<Long> subjects, Set<PaperKind> only, OutputStream out) throws IOException {
        PDFMergerUtility merger = new PDFMergerUtility();
        merger.setDestinationStream(out);
        try (PDDocument joined = new PDDocument(IOUtils.createTempFileOnlyStreamCache())) {
            for (long subject : subjects) {
                for (PaperRow paper : mapper.of(kind, subject)) {
                    if (!only.isEmpty() && !only.contains(paper.kind())) {
                        continue;
                    }
                    try (PDDocument one = Loader.loadPDF(pdf(paper.id()))) {
                        merger.appendDocument(joined, one);
                    }
                }
            }
            joined.save(out);
        }
    }

    /** The first page as a PNG picture, to be looked at on a screen. */
    byte[] picture(long id) {
        return PagePicture.png(pdf(id));
    }

    /** The same bytes each time; who has it opened is kept. */
    byte[] open(long id, String signIn) {
        PaperMapper.Pdf kept = kept(id);
        String kind = kept.subjectKind().name();
        auditLog.write(
                signIn,
                "opened a paper",
                kind.charAt(0) + kind.substring(1).toLowerCase(Locale.ROOT) + " " + kept.subjectId(),
                kept.title());
        return PaperPacking.unpack(kept.packing(), kept.pdf());
    }

    /** Those of these numbers that are there. */
    public List<PrintablePaper> printable(List<Long> ids) {
        return ids.isEmpty() ? List.of() : mapper.printable(ids);
    }

    public byte[] pdf(long id) {
        PaperMapper.Pdf kept = kept(id);
        return PaperPacking.unpack(kept.packing(), kept.pdf());
    }

    private PaperMapper.Pdf kept(long id) {
        return mapper.pdf(id).orElseThrow(() -> Refusal.notFound("Paper " + id, "Open the job and print from there."));
    }
}
