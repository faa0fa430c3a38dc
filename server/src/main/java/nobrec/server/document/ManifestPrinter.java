package nobrec.server.document;

import java.io.IOException;
import java.util.Map;
import nobrec.server.document.page.PageSetter;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;

/** Sets the manifest of a handover on letter paper. */
@Component
class ManifestPrinter {

    private final PageSetter pages;

    ManifestPrinter(@Value("classpath:paper/manifest.mustache") Resource file) throws IOException {
        this.pages = new PageSetter(file);
    }

    byte[] print(ManifestText text) {
        return pages.set("The manifest of " + text.carrier(), Map.of("manifest", text));
    }
}
