package nobrec.server.document;

import java.io.IOException;
import java.util.Map;
import nobrec.server.document.page.Barcode;
import nobrec.server.document.page.PageSetter;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;

/** Sets bills of lading on letter paper: straight ones, and the master over several. */
@Component
class BillPrinter {

    private static final double MODULE_MILLIMETERS = 0.33;
    private static final int BAR_MILLIMETERS = 14;

    private final PageSetter pages;

    private final PageSetter masterPages;

    BillPrinter(
            @Value("classpath:paper/bill-of-lading.mustache") Resource file,
            @Value("classpath:paper/master-bill.mustache") Resource master)
            throws IOException {
        this.pages = new PageSetter(file);
        this.masterPages = new PageSetter(master);
    }

    byte[] printMaster(MasterBillText text) {
        return masterPages.set(
                "The master bill of lading " + text.number(),
                Map.of(
                        "bill",
                        text,
                        "shipments",
                        text.bills().size(),
                        "stops",
                        text.bills().stream()
                                .mapToInt(MasterBillText.Bill::stop)
                                .max()
                                .orElse(0),
                        "barcode",
                        Barcode.svg(text.number(), MODULE_MILLIMETERS, BAR_MILLIMETERS)));
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
