package nobrec.server.document;

import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;

/** Sets the packing slip on letter paper. */
@Component
class SlipPrinter {

    private static final double MODULE_MILLIMETERS = 0.4;
    private static final int BAR_MILLIMETERS = 14;

    private final PageSetter pages;

    SlipPrinter(@Value("classpath:paper/packing-slip.mustache") Resource file) throws IOException {
        this.pages = new PageSetter(file);
    }

    byte[] print(SlipText text) {
        Map<String, Object> content = new HashMap<>();
        content.put("slip", text);
        content.put(
                "barcode",
                Barcode.canHold(text.job()) ? Barcode.svg(text.job(), MODULE_MILLIMETERS, BAR_MILLIMETERS) : "");
        content.put("hasSeveralJobs", !text.allJobs().isEmpty());
        content.put("pieces", text.packages().size());
        return pages.set("The packing slip of job " + text.job(), content);
    }
}
