package nobrec.server.document;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.logging.Level;
import org.springframework.core.io.Resource;

/** Sets pages from a template, which escapes every text put into it, in the fonts that papers have. */
final class PageSetter {

    static {
        XRLog.listRegisteredLoggers().forEach(logger -> XRLog.setLevel(logger, Level.WARNING));
    }

    private final Template template;

    PageSetter(Resource file) throws IOException {
        this.template = Mustache.compiler()
                .emptyStringIsFalse(true)
                .withFormatter(value -> PaperLetters.printed(String.valueOf(value)))
                .compile(file.getContentAsString(StandardCharsets.UTF_8));
    }

    /** @param name of the paper, should it fail */
    byte[] set(String name, Map<String, Object> content) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PdfRendererBuilder builder = new PdfRendererBuilder();
            builder.useSVGDrawer(new BatikSVGDrawer());
            font(builder, PaperLetters.WORDS, "Words", 400);
            font(builder, PaperLetters.WORDS_BOLD, "Words", 700);
            font(builder, PaperLetters.WORDS_MORE, "Words more", 400);
            font(builder, PaperLetters.WORDS_MORE_BOLD, "Words more", 700);
            font(builder, PaperLetters.FIGURES, "Figures", 400);
            font(builder, PaperLetters.FIGURES_BOLD, "Figures", 700);
            builder.withHtmlContent(template.execute(content), null);
            builder.toStream(out);
            builder.run();
            return out.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException(name + " cannot be set", failed);
        }
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
        builder.useFont(() -> PaperLetters.file(file), family, weight, FontStyle.NORMAL, true);
    }
}
