package nobrec.server.document;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Objects;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObjectKey;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.tukaani.xz.ArrayCache;
import org.tukaani.xz.FinishableWrapperOutputStream;
import org.tukaani.xz.LZMA2InputStream;
import org.tukaani.xz.LZMA2Options;
import org.tukaani.xz.UnsupportedOptionsException;

/**
 * Most of a paper is the same as on every other: fonts, rules, headings. So papers are written without compression of their own, and
 * packed against a dictionary of such papers (LZMA2); unpacked they are byte for byte what was drawn. A dictionary never changes: a
 * better one gets a number of its own.
 */
final class PaperPacking {

    /** Papers that are not packed. */
    static final int NONE = 0;

    /** The dictionary by which papers are packed now. */
    static final int NEWEST = 1;

    private static final int WINDOW_BYTES = 1 << 20;
    private static final int LEVEL = 4;
    private static final String DICTIONARY = "/paper/dictionary-1.bin";

    private PaperPacking() {}

    /** Holds the bytes of the one dictionary there is; read when it is first needed. */
    private static final class Dictionary {
        private static final byte[] BYTES = read();

        private static byte[] read() {
            try (InputStream file = PaperPacking.class.getResourceAsStream(DICTIONARY)) {
                return Objects.requireNonNull(file).readAllBytes();
            } catch (IOException unreadable) {
                throw new UncheckedIOException(unreadable);
            }
        }
    }

    /** The same document without compression inside: only so can what it shares with others be seen. */
    static byte[] plain(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf);
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            for (COSObjectKey key :
                    List.copyOf(document.getDocument().getXrefTable().keySet())) {
                COSBase object = document.getDocument().getObjectFromPool(key).getObject();
                if (object instanceof COSStream stream && COSName.FLATE_DECODE.equals(stream.getFilters())) {
                    expand(stream);
                }
            }
            document.save(out, CompressParameters.NO_COMPRESSION);
            return out.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException("A paper cannot be written without compression", failed);
        }
    }

    private static void expand(COSStream stream) throws IOException {
        byte[] bytes;
        try (InputStream in = stream.createInputStream()) {
            bytes = in.readAllBytes();
        }
        stream.removeItem(COSName.FILTER);
        try (OutputStream out = stream.createOutputStream()) {
            out.write(bytes);
        }
    }

    static byte[] pack(byte[] pdf) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            try (OutputStream packing =
                    options().getOutputStream(new FinishableWrapperOutputStream(out), ArrayCache.getDefaultCache())) {
                packing.write(pdf);
            }
            return out.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException("A paper cannot be packed", failed);
        }
    }

    private static LZMA2Options options() throws UnsupportedOptionsException {
        LZMA2Options options = new LZMA2Options(LEVEL);
        options.setDictSize(WINDOW_BYTES);
        options.setPresetDict(Dictionary.BYTES);
        return options;
    }

    static byte[] unpack(int packing, byte[] kept) {
        if (packing == NONE) {
            return kept;
        }
        if (packing != NEWEST) {
            throw new IllegalStateException("There is no dictionary " + packing);
        }
        try (InputStream in = new LZMA2InputStream(new ByteArrayInputStream(kept), WINDOW_BYTES, Dictionary.BYTES)) {
            return in.readAllBytes();
        } catch (IOException damaged) {
            throw new UncheckedIOException("A packed paper cannot be read", damaged);
        }
    }
}
