package nobrec.server.document;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import nobrec.core.paper.SheetSize;
import nobrec.server.document.page.Barcode;
import nobrec.server.document.page.PageSetter;
import nobrec.server.document.page.SheetStyle;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;

/** Sets pick slips and pick lists. They are not kept: each is of the moment. */
@Component
public class PickPrinter {

    private static final double MODULE_MILLIMETERS = 0.33;
    private static final int BAR_MILLIMETERS = 10;

    private final PageSetter slips;
    private final PageSetter lists;

    PickPrinter(
            @Value("classpath:paper/pick-slip.mustache") Resource slip,
            @Value("classpath:paper/pick-list.mustache") Resource list)
            throws IOException {
        this.slips = new PageSetter(slip);
        this.lists = new PageSetter(list);
    }

    /** @param each whether each begins a page */
    public byte[] slips(List<PickSlipText> texts, SheetSize sheet, boolean each) {
        List<Map<String, Object>> all = new ArrayList<>();
        for (PickSlipText text : texts) {
            all.add(Map.of(
                    "slip",
                    text,
                    "barcode",
                    Barcode.canHold(text.job()) ? Barcode.svg(text.job(), MODULE_MILLIMETERS, BAR_MILLIMETERS) : "",
                    "breaks",
                    each && all.size() < texts.size() - 1));
        }
        return slips.set(
                "The pick slips",
                Map.of(
                        "slips",
                        all,
                        "size",
                        SheetStyle.size(sheet),
                        "margin",
                        SheetStyle.margin(sheet),
                        "narrow",
                        sheet.isNarrow()));
    }

    public byte[] list(PickListText text, SheetSize sheet) {
        return lists.set(
                "The pick list",
                Map.of(
                        "list",
                        text,
                        "size",
                        SheetStyle.size(sheet),
                        "margin",
                        SheetStyle.margin(sheet),
                        "narrow",
                        sheet.isNarrow()));
    }
}
