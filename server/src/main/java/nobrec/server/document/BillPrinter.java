package nobrec.server.document;

import java.io.IOException;
import java.util.Map;
import nobrec.server.document.page.Barcode;
import nobrec.server.document.page.PageSetter;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;

/** Sets a straight bill of lading on letter paper. */
@Component
class BillPrinter {

    private static final double MODULE_MILLIMETERS = 0.33;
    private static final int BAR_MILLIMETERS = 14;

    private final PageSetter pages;

    BillPrinter(@Value("classpath:paper/bill-of-lading.mustache") Resource file) throws IOException {
        this.pages = new PageSetter(file);
    }

    byte[] print(BillText text) {
        return pages.set(
                "The bill of lading " + text.number(),
                Map.of(
                        "bill",
                        text,
                        "hasBillTo",
                        !text.billTo().isEmpty(),
                        "hasWishes",
                        !text.wishes().isEmpty(),
                        "barcode",
                        Barcode.canHold(text.carrierNumber())
                                ? Barcode.svg(text.carrierNumber(), MODULE_MILLIMETERS, BAR_MILLIMETERS)
                                : ""));
    }
}
