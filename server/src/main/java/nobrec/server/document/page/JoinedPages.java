package nobrec.server.document.page;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.multipdf.PDFMergerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;

/** Several documents as one. */
public final class JoinedPages {

    private JoinedPages() {}

    public static byte[] of(List<byte[]> documents) {
        if (documents.size() == 1) {
            return documents.get(0);
        }
        PDFMergerUtility merger = new PDFMergerUtility();
        try (PDDocument joined = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            for (byte[] each : documents) {
                try (PDDocument document = Loader.loadPDF(each)) {
                    merger.appendDocument(joined, document);
                }
            }
            joined.save(out);
            return out.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException("Papers cannot be joined", failed);
        }
    }
}
