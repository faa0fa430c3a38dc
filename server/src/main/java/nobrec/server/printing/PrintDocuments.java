package nobrec.server.printing;

import nobrec.core.paper.SheetSize;
import nobrec.server.document.LabelSheets;
import nobrec.server.document.Papers;
import nobrec.server.printing.PrinterPort.Document;
import nobrec.server.printing.PrinterPort.PrinterFacts;
import nobrec.server.printing.raster.PwgRaster;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Papers in the form that a printer takes: labels as dots in its own resolution where it takes them, else PDF. */
@Component
class PrintDocuments {

    private static final String PDF = "application/pdf";
    private static final int USUAL_RESOLUTION = 300;

    /** Names of label stock: PWG 5101.1. */
    private static final String FOUR_BY_SIX = "na_index-4x6_4x6in";

    private static final String A6 = "iso_a6_105x148mm";

    private static final Logger LOG = LoggerFactory.getLogger(PrintDocuments.class);

    private final Papers papers;
    private final LabelSheets sheets;
    private final TestPage testPage;

    PrintDocuments(Papers papers, LabelSheets sheets, TestPage testPage) {
        this.papers = papers;
        this.sheets = sheets;
        this.testPage = testPage;
    }

    /** @throws PrinterRefuses where it takes none of what we can make, or we cannot make it: others must not wait for that */
    Document of(PrintJobRow job, PrinterFacts printer) throws PrinterRefuses {
        try {
            return made(job, printer);
        } catch (RuntimeException failed) {
            LOG.error("Print job {} cannot be made ready", job.id(), failed);
            throw new PrinterRefuses("The paper could not be made ready for the printer. Open it as PDF.", false);
        }
    }

    private Document made(PrintJobRow job, PrinterFacts printer) throws PrinterRefuses {
        boolean dots = printer.formats().contains(PwgRaster.FORMAT);
        boolean pdf = printer.formats().contains(PDF);
        if (!dots && !pdf) {
            throw new PrinterRefuses(
                    "The printer takes neither PDF nor PWG raster, but " + String.join(", ", printer.formats()) + ".",
                    false);
        }
        byte[] bytes = job.paperId() == null ? testPage.drawn(job) : papers.pdf(job.paperId());
        boolean asDots = dots && (job.label() || !pdf);
        int resolution = printer.resolution() > 0 ? printer.resolution() : USUAL_RESOLUTION;
        return new Document(
                job.nameThere(),
                asDots ? PwgRaster.FORMAT : PDF,
                asDots ? PwgRaster.of(bytes, resolution) : bytes,
                job.copies(),
                job.tray(),
                job.label() && printer.media().contains(media()) ? media() : "");
    }

    /** A printer that does not know the name refuses the job, and one that has label stock in it needs no name. */
    private String media() {
        return sheets.current() == SheetSize.A6 ? A6 : FOUR_BY_SIX;
    }
}
