package nobrec.server.document;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import nobrec.server.document.page.Barcode;
import nobrec.server.document.page.PageSetter;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;

/** Cards with a barcode a line, to be taped to the bench or carried. */
@Component
public class BarcodeCards {

    private static final double MODULE_MILLIMETERS = 0.4;
    private static final int HEIGHT_MILLIMETERS = 16;

    /** @param text what the barcode says */
    public record Entry(String name, String does, String text) {}

    private record Line(String name, String does, String barcode) {}

    private final PageSetter pages;

    BarcodeCards(@Value("classpath:paper/act-card.mustache") Resource file) throws IOException {
        this.pages = new PageSetter(file);
    }

    public byte[] print(String document, String heading, List<Entry> entries) {
        List<Line> lines = entries.stream()
                .map(each -> new Line(
                        each.name(), each.does(), Barcode.svg(each.text(), MODULE_MILLIMETERS, HEIGHT_MILLIMETERS)))
                .toList();
        return pages.set(document, Map.of("title", heading, "acts", lines));
    }
}
