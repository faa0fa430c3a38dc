package nobrec.server.shipment;

import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import nobrec.core.address.PhoneNumber;
import nobrec.core.address.PostalAddress;
import nobrec.core.measure.MeasureText;
import nobrec.core.rating.Service;
import nobrec.server.document.LabelText;
import nobrec.server.document.Papers;
import nobrec.server.document.SlipText;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrder;
import org.springframework.stereotype.Component;

/** Has the papers of a shipment made: a label for each package and one packing slip. */
@Component
class ShipmentPapers {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.US);

    private final Papers papers;
    private final Sites sites;
    private final NobrecSettings settings;

    ShipmentPapers(Papers papers, Sites sites, NobrecSettings settings) {
        this.papers = papers;
        this.sites = sites;
        this.settings = settings;
    }

    void make(Shipment shipment, WorkOrder job, Service service) {
        for (Shipment.Package packed : shipment.packages()) {
            papers.makeLabel(shipment.id(), packed.number(), label(shipment, packed, job, service));
        }
        papers.makeSlip(shipment.id(), slip(shipment, job, service));
    }

    private LabelText label(Shipment shipment, Shipment.Package packed, WorkOrder job, Service service) {
        Site site = sites.byId(shipment.siteId());
        String phone = PhoneNumber.read(job.phone(), job.shipTo().country())
                .found()
                .map(PhoneNumber::e164)
                .orElse("");
        return new LabelText(
                service.carrier().name(),
                service.name(),
                packed.trackingNumber().orElseThrow(),
                lines(site.address()),
                site.phone(),
                lines(job.shipTo()),
                phone,
                job.number(),
                job.customerPo(),
                MeasureText.show(packed.weight().orElseThrow(), settings.units()),
                MeasureText.show(packed.size(), settings.units()),
                DAY.format(shipment.outcome().orElseThrow().shipDate()),
                packed.number(),
                shipment.packages().size());
    }

    private SlipText slip(Shipment shipment, WorkOrder job, Service service) {
        Site site = sites.byId(shipment.siteId());
        Map<Long, WorkOrder.Line> lines =
                job.lines().stream().collect(Collectors.toMap(WorkOrder.Line::id, Function.identity()));
        return new SlipText(
                lines(site.address()),
                site.phone(),
                lines(job.shipTo()),
                job.number(),
                job.customer(),
                job.customerPo(),
                service.name(),
                DAY.format(shipment.outcome().orElseThrow().shipDate()),
                shipment.packages().stream()
                        .map(packed -> packageOf(packed, lines))
                        .toList());
    }

    private SlipText.PackageText packageOf(Shipment.Package packed, Map<Long, WorkOrder.Line> lines) {
        return new SlipText.PackageText(
                packed.number(),
                MeasureText.show(packed.weight().orElseThrow(), settings.units()),
                packed.trackingNumber().orElseThrow(),
                packed.contents().stream()
                        .map(content -> lineOf(content, lines.get(content.workOrderLineId())))
                        .toList());
    }

    private static SlipText.LineText lineOf(Shipment.Content content, WorkOrder.Line line) {
        return new SlipText.LineText(line.item(), line.description(), content.quantity(), line.quantityOrdered());
    }

    private static List<String> lines(PostalAddress address) {
        return List.of(address.company(), address.person(), address.street(), address.street2(), address.townLine())
                .stream()
                .filter(line -> !line.isEmpty())
                .toList();
    }
}
