package nobrec.server.document.page;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.springframework.core.io.Resource;

/** Sets pages from a template of ours, which escapes every text put into it. */
public final class PageSetter {

    private final Template template;

    public PageSetter(Resource file) throws IOException {
        this.template = Mustache.compiler()
                .emptyStringIsFalse(true)
                .withFormatter(value -> PaperLetters.printed(String.valueOf(value)))
                .compile(file.getContentAsString(StandardCharsets.UTF_8));
    }

    /** @param name of the paper, should it fail */
    public byte[] set(String name, Map<String, Object> content) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PdfRendererBuilder builder = PdfPages.lasting();
            builder.withHtmlContent(template.execute(content), null);
            builder.toStream(out);
            builder.run();
            return out.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException(name + " cannot be set", failed);
        }
    }
}
