package nobrec.server.document;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.notation.DayWords;
import nobrec.core.notation.MeasureText;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.Service;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.LabelMarks;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.RuleAct;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.document.slip.SlipDesignDocument;
import nobrec.server.document.slip.SlipDesigns;
import nobrec.server.document.slip.SlipText;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import org.springframework.stereotype.Component;

/** Has the papers of a shipment drawn: labels for each package, one packing slip, and a bill of lading for freight. */
@Component
public class ShipmentPapers {

    private static final String SAMPLE = "SAMPLE";

    private final Papers papers;
    private final BillsOfLading bills;
    private final ExportPapers exportPapers;
    private final LogisticsLabels logisticsLabels;
    private final Sites sites;
    private final SlipTexts slipTexts;
    private final SlipDesigns designs;
    private final NobrecSettings settings;

    ShipmentPapers(
            Papers papers,
            BillsOfLading bills,
            ExportPapers exportPapers,
            LogisticsLabels logisticsLabels,
            Sites sites,
            SlipTexts slipTexts,
            SlipDesigns designs,
            NobrecSettings settings) {
        this.papers = papers;
        this.bills = bills;
        this.exportPapers = exportPapers;
        this.logisticsLabels = logisticsLabels;
        this.sites = sites;
        this.slipTexts = slipTexts;
        this.designs = designs;
        this.settings = settings;
    }

    /**
     * Draws them, in no transaction; what comes back keeps them, in the caller's.
     *
     * @param charged codes of the charge lines with which the shipment went
     */
    public Runnable draw(Shipment shipment, Jobs jobs, Service service, Set<String> charged) {
        Subject subject = Subject.shipment(shipment.id(), jobs.leading().number());
        List<NewPaper> drawn = new ArrayList<>();
        for (Shipment.Package packed : shipment.packages()) {
            drawn.add(papers.drawLabel(subject, packed.number(), label(shipment, packed, jobs, service, charged)));
        }
        Map<Integer, byte[]> labels = drawn.stream().collect(Collectors.toMap(NewPaper::packageNumber, NewPaper::pdf));
        logisticsLabels.of(shipment, jobs, service).forEach(paper -> drawn.add(papers.drawn(subject, paper)));
        exportPapers.ofPackages(shipment, jobs, service).forEach(paper -> drawn.add(papers.drawn(subject, paper)));
        drawn.addAll(lists(shipment, jobs, service, labels));
        return () -> papers.keep(drawn);
    }

    /** Draws what lists all packages: the labels that are there stay. */
    public Runnable drawLists(Shipment shipment, Jobs jobs, Service service) {
        List<NewPaper> drawn = lists(shipment, jobs, service, papers.labels(shipment.id()));
        return () -> papers.keep(drawn);
    }

    /** The slip, the bill of lading of what goes by freight, and what customs wants of the whole. */
    private List<NewPaper> lists(Shipment shipment, Jobs jobs, Service service, Map<Integer, byte[]> labels) {
        Subject subject = Subject.shipment(shipment.id(), jobs.leading().number());
        List<NewPaper> drawn = new ArrayList<>(List.of(slip(subject, shipment, jobs, service, labels)));
        if (service.isFreight()) {
            drawn.add(papers.drawBill(subject, bills.of(shipment, jobs, service)));
        }
        exportPapers.ofShipment(shipment, jobs, service).forEach(paper -> drawn.add(papers.drawn(subject, paper)));
        return drawn;
    }

    /** The label of a package as it would be, marked across: it has no number, costs nothing, and is kept nowhere. */
    public byte[] sample(Shipment shipment, Shipment.Package packed, Jobs jobs, Service service, LocalDate shipDate) {
        return papers.drawSample(label(shipment, packed, jobs, service, Set.of(), SAMPLE, shipDate));
    }

    /** What is in one package, for its side, whether it has left or not; kept nowhere. */
    public byte[] onBox(Shipment shipment, int packageNumber, Jobs jobs) {
        SlipText text = slipTexts.of(shipment, jobs, "");
        return papers.drawOnBox(
                text,
                text.packages().stream()
                        .filter(packed -> packed.number() == packageNumber)
                        .findFirst()
                        .orElseThrow(() ->
                                Refusal.notFound("Package " + packageNumber, "Open the job and print from there.")));
    }

    private LabelText label(
            Shipment shipment, Shipment.Package packed, Jobs jobs, Service service, Set<String> charged) {
        return label(
                shipment,
                packed,
                jobs,
                service,
                charged,
                "",
                shipment.outcome().orElseThrow().shipDate());
    }

    private LabelText label(
            Shipment shipment,
            Shipment.Package packed,
            Jobs jobs,
            Service service,
            Set<String> charged,
            String across,
            LocalDate shipDate) {
        WorkOrder job = jobs.leading();
        Site site = sites.byId(shipment.siteId());
        return new LabelText(
                service.carrier().name(),
                service.name(),
                across.isEmpty() ? packed.trackingNumber().orElseThrow() : across,
                LabelAddress.lines(site.address(), job.shipTo().country()),
                LabelAddress.phone(site.phone(), site.country(), site),
                LabelAddress.receiver(job, site),
                jobs.numbers(),
                job.customerPo(),
                LabelAddress.filled(job.particulars().references().toArray(String[]::new)),
                packed.weight()
                        .or(packed::expectedWeight)
                        .map(weight -> MeasureText.show(weight, settings.units()))
                        .orElse("-"),
                MeasureText.show(packed.size(), settings.units()),
                DayWords.withYear(shipDate),
                packed.number(),
                shipment.packages().size(),
                LabelMarks.of(packed, jobs, charged),
                across);
    }

    /** By the house rules' design, else by the one for where it goes. */
    private NewPaper slip(Subject subject, Shipment shipment, Jobs jobs, Service service, Map<Integer, byte[]> labels) {
        WorkOrder job = jobs.leading();
        boolean abroad =
                !job.shipTo().country().equals(sites.byId(shipment.siteId()).country());
        SlipDesignDocument design = designs.of(
                job.ruling().the(RuleAct.Kind.SLIP_DESIGN).map(RuleAct::value).orElse(""), abroad);
        return papers.drawSlip(subject, slipTexts.of(shipment, jobs, service.name()), design, labels);
    }
}
