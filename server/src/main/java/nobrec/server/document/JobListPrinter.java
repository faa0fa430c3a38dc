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

/** Sets jobs one after the other, or each on a page. They are not kept: each list is of the moment. */
@Component
public class JobListPrinter {

    private static final double MODULE_MILLIMETERS = 0.33;
    private static final int BAR_MILLIMETERS = 8;

    private final PageSetter pages;

    JobListPrinter(@Value("classpath:paper/job-list.mustache") Resource file) throws IOException {
        this.pages = new PageSetter(file);
    }

    /** @param each whether each begins a page */
    public byte[] print(List<JobListText> texts, SheetSize sheet, boolean each) {
        List<Map<String, Object>> jobs = new ArrayList<>();
        for (JobListText text : texts) {
            jobs.add(Map.of(
                    "entry",
                    text,
                    "barcode",
                    text.withBarcode() && Barcode.canHold(text.job())
                            ? Barcode.svg(text.job(), MODULE_MILLIMETERS, BAR_MILLIMETERS)
                            : "",
                    "hasLines",
                    !text.lines().isEmpty(),
                    "breaks",
                    each && jobs.size() < texts.size() - 1));
        }
        return pages.set(
                "The job list",
                Map.of(
                        "jobs", jobs,
                        "size", SheetStyle.size(sheet),
                        "margin", SheetStyle.margin(sheet),
                        "narrow", sheet.isNarrow()));
    }
}
