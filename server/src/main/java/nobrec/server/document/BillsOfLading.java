package nobrec.server.document;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import nobrec.core.charging.FreightTerms;
import nobrec.core.freight.BillLines;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DayWords;
import nobrec.core.notation.MoneyText;
import nobrec.core.service.Accessorial;
import nobrec.core.service.Service;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.carton.CartonTypes;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import org.springframework.stereotype.Component;

/** What stands on the bill of lading of a shipment that goes by freight. */
@Component
class BillsOfLading {

    private final Sites sites;
    private final CartonTypes cartonTypes;
    private final NobrecSettings settings;

    BillsOfLading(Sites sites, CartonTypes cartonTypes, NobrecSettings settings) {
        this.sites = sites;
        this.cartonTypes = cartonTypes;
        this.settings = settings;
    }

    BillText of(Shipment shipment, Jobs jobs, Service service) {
        WorkOrder job = jobs.leading();
        Site site = sites.byId(shipment.siteId());
        BillLines bill = linesOf(shipment, jobs);
        return new BillText(
                numberOf(shipment),
                service.carrier().name(),
                service.name(),
                shipment.packages().get(0).trackingNumber().orElseThrow(),
                DayWords.withYear(shipment.outcome().orElseThrow().shipDate()),
                LabelAddress.lines(site.address(), job.shipTo().country()),
                LabelAddress.phone(site.phone(), site.country(), site),
                LabelAddress.lines(job.shipToOnPapers(), site.country()),
                LabelAddress.phone(job.phone(), job.shipTo().country(), site),
                job.terms() == FreightTerms.THIRD_PARTY
                        ? LabelAddress.lines(job.particulars().billTo(), site.country())
                        : List.of(),
                terms(job.terms()),
                job.carrierAccount(),
                references(jobs, shipment),
                declared(shipment, jobs),
                wishes(shipment, jobs),
                bill.lines().stream().map(BillsOfLading::line).toList(),
                bill.packages(),
                pounds(bill.pounds()),
                bill.lines().stream().anyMatch(BillLines.Line::hazardous));
    }

    BillLines linesOf(Shipment shipment, Jobs jobs) {
        return BillLines.of(
                shipment, jobs, code -> cartonTypes.set().byCode(code).kind());
    }

    static String numberOf(Shipment shipment) {
        return "B-" + shipment.id();
    }

    /** The three words that freight carriers know. Common practice, no source. */
    static String terms(FreightTerms terms) {
        return switch (terms) {
            case PREPAID, PREPAID_AND_BILLED -> "Prepaid";
            case COLLECT -> "Collect";
            case THIRD_PARTY -> "Third party";
        };
    }

    private static List<String> references(Jobs jobs, Shipment shipment) {
        List<String> references = new ArrayList<>();
        references.add("Job " + jobs.numbers());
        if (!jobs.leading().customerPo().isEmpty()) {
            references.add("PO " + jobs.leading().customerPo());
        }
        references.addAll(jobs.leading().particulars().references().stream()
                .filter(each -> !each.isEmpty())
                .toList());
        shipment.packages().stream()
                .skip(1)
                .flatMap(each -> each.trackingNumber().stream())
                .forEach(references::add);
        return references;
    }

    private String declared(Shipment shipment, Jobs jobs) {
        return shipment.accessorials().contains(Accessorial.DECLARED_VALUE)
                ? MoneyText.showCents(jobs.valueCents(shipment)) + " "
                        + settings.currency().getCode()
                : "";
    }

    /** What was asked for besides plain carriage, and how the goods are to be handled. */
    private static List<String> wishes(Shipment shipment, Jobs jobs) {
        return Stream.concat(
                        shipment.accessorials().stream().map(Accessorial::words).sorted(),
                        shipment.lines().stream()
                                .flatMap(line -> jobs.line(line.workOrderLineId()).handling().words().stream())
                                .distinct())
                .toList();
    }

    static BillText.Line line(BillLines.Line line) {
        return new BillText.Line(
                line.packages() == 0 ? "" : String.valueOf(line.packages()),
                line.kind().words(),
                pounds(line.pounds()),
                line.hazardous() ? "X" : "",
                line.description(),
                line.freightClass() + (line.given() ? "" : "*"));
    }

    /** Freight is weighed in pounds, whatever the shop writes. */
    static String pounds(long pounds) {
        return Weight.of(String.valueOf(pounds), WeightUnit.POUND).in(WeightUnit.POUND, 0) + " lb";
    }
}
