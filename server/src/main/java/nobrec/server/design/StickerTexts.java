package nobrec.server.design;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.stream.Stream;
import nobrec.core.address.PostalAddress;
import nobrec.core.limit.Limits;
import nobrec.core.notation.DayWords;
import nobrec.core.paper.StickerField;
import nobrec.core.paper.StickerSheet;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.document.sticker.StickerText;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Component;

/** What stands on the stickers of some jobs. */
@Component
class StickerTexts {

    private static final PostalAddress SAMPLE = new PostalAddress(
            "Sample Customer & Daughters", "Receiving", "22 Sample Avenue", "", "Tucson", "AZ", "85701", "US");

    private final WorkOrders workOrders;
    private final Sites sites;

    StickerTexts(WorkOrders workOrders, Sites sites) {
        this.workOrders = workOrders;
        this.sites = sites;
    }

    /**
     * @param numbers of the jobs, in the order in which they are printed
     * @param each how many of each
     */
    List<StickerText> of(List<String> numbers, StickerSheet sheet, int each) {
        List<StickerText> texts = new ArrayList<>();
        for (String number : new LinkedHashSet<>(numbers)) {
            WorkOrder job = workOrders.byNumber(number.strip());
            for (int count = 1; count <= each; count++) {
                texts.add(text(job, sheet, count, each));
            }
        }
        if (texts.size() > Limits.STICKERS_AT_ONCE) {
            throw Refusal.unusable(
                    "The stickers",
                    "They are " + texts.size() + ", and at most " + Limits.STICKERS_AT_ONCE + " are printed at once.",
                    "Choose fewer jobs, or fewer of each.");
        }
        return texts;
    }

    /** A sheet full of an invented one. */
    List<StickerText> samples(StickerSheet sheet) {
        List<StickerText> texts = new ArrayList<>();
        for (int count = 1; count <= sheet.stickers(); count++) {
            List<String> lines = new ArrayList<>();
            for (StickerField field : sheet.fields()) {
                lines.addAll(
                        switch (field) {
                            case BARCODE -> List.<String>of();
                            case JOB -> List.of("Job SAMPLE-1");
                            case CUSTOMER -> List.of("Sample Customer");
                            case CUSTOMER_PO -> List.of("PO 1000");
                            case SHIP_TO -> address(SAMPLE);
                            case SENDER -> address(sites.home().address());
                            case PROMISE -> List.of("Promised Dec 4, 2026");
                            case SERVICE -> List.of("Sample Two Day");
                            case REFERENCES -> List.of("Rack B4");
                            case COUNT -> List.of(count + " of " + sheet.stickers());
                        });
            }
            texts.add(new StickerText("the sample", barcode(sheet, "SAMPLE-1"), lines));
        }
        return texts;
    }

    private StickerText text(WorkOrder job, StickerSheet sheet, int count, int each) {
        List<String> lines = new ArrayList<>();
        for (StickerField field : sheet.fields()) {
            lines.addAll(lines(field, job, count, each));
        }
        lines.removeIf(String::isBlank);
        return new StickerText("job " + job.number(), barcode(sheet, job.number()), lines);
    }

    private static String barcode(StickerSheet sheet, String number) {
        return sheet.fields().contains(StickerField.BARCODE) ? number : "";
    }

    private List<String> lines(StickerField field, WorkOrder job, int count, int each) {
        return switch (field) {
            case BARCODE -> List.of();
            case JOB -> List.of("Job " + job.number());
            case CUSTOMER -> List.of(job.customer());
            case CUSTOMER_PO -> job.customerPo().isEmpty() ? List.of() : List.of("PO " + job.customerPo());
            case SHIP_TO -> address(job.shipTo());
            case SENDER -> address(sites.orHome(job.particulars().site()).address());
            case PROMISE ->
                job.promiseDate()
                        .map(day -> List.of("Promised " + DayWords.withYear(day)))
                        .orElse(List.of());
            case SERVICE -> List.of(job.requestedService());
            case REFERENCES -> job.particulars().references();
            case COUNT -> each == 1 ? List.of() : List.of(count + " of " + each);
        };
    }

    private static List<String> address(PostalAddress to) {
        return Stream.of(to.company(), to.person(), to.street(), to.street2(), to.cityLine())
                .filter(line -> !line.isBlank())
                .toList();
    }
}
