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
import java.util.HashMap;
import java.util.Map;
import java.util.logging.Level;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;

/** Sets the packing slip on letter paper from a template, which escapes every text put into it. */
@Component
class SlipPrinter {

    private static final double MODULE_MILLIMETERS = 0.4;
    private static final int BAR_MILLIMETERS = 14;

    static {
        XRLog.listRegisteredLoggers().forEach(logger -> XRLog.setLevel(logger, Level.WARNING));
    }

    private final Template template;

    SlipPrinter(@Value("classpath:paper/packing-slip.mustache") Resource file) throws IOException {
        this.template = Mustache.compiler()
                .withFormatter(value -> PaperLetters.printed(String.valueOf(value)))
                .compile(file.getContentAsString(StandardCharsets.UTF_8));
    }

    byte[] print(SlipText text) {
        Map<String, Object> content = new HashMap<>();
        content.put("slip", text);
        content.put(
                "barcode",
                Barcode.canHold(text.job()) ? Barcode.svg(text.job(), MODULE_MILLIMETERS, BAR_MILLIMETERS) : "");
        content.put("hasSeveralJobs", !text.allJobs().isEmpty());
        content.put("pieces", text.packages().size());
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
            throw new UncheckedIOException("The packing slip of job " + text.job() + " cannot be set", failed);
        }
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
        builder.useFont(() -> PaperLetters.file(file), family, weight, FontStyle.NORMAL, true);
    }
}
