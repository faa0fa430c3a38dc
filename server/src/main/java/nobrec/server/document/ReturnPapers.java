package nobrec.server.document;

import java.time.LocalDate;
import java.util.List;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.notation.DayWords;
import nobrec.core.notation.MeasureText;
import nobrec.core.service.Service;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.site.Site;
import org.springframework.stereotype.Component;

/** Draws the label with which something comes back. */
@Component
public class ReturnPapers {

    /** What comes back, by which service, and until when the label is valid. */
    public record WayBack(
            WorkOrder job,
            Site site,
            Service service,
            String trackingNumber,
            Weight weight,
            Size size,
            LocalDate asked,
            LocalDate validUntil) {}

    private final Papers papers;
    private final NobrecSettings settings;

    ReturnPapers(Papers papers, NobrecSettings settings) {
        this.papers = papers;
        this.settings = settings;
    }

    /** From the customer, to the site; it says that it is a return and until when it counts. */
    public NewPaper draw(Subject subject, WayBack back) {
        WorkOrder job = back.job();
        return papers.drawReturnLabel(
                subject,
                new LabelText(
                        back.service().carrier().name(),
                        back.service().name(),
                        back.trackingNumber(),
                        LabelAddress.lines(job.shipToOnPapers(), back.site().country()),
                        LabelAddress.phone(job.phone(), job.shipTo().country(), back.site()),
                        LabelAddress.receiver(back.site()),
                        job.number(),
                        job.customerPo(),
                        List.of(),
                        MeasureText.show(back.weight(), settings.units()),
                        MeasureText.show(back.size(), settings.units()),
                        DayWords.withYear(back.asked()),
                        1,
                        1,
                        List.of("Return", "valid until " + DayWords.withYear(back.validUntil())),
                        ""));
    }
}
