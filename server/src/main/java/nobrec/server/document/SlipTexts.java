package nobrec.server.document;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import nobrec.core.notation.DayWords;
import nobrec.core.notation.MeasureText;
import nobrec.core.notation.MoneyText;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.PackageDrawing;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.carton.CartonTypes;
import nobrec.server.document.slip.SlipText;
import nobrec.server.platform.LotText;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import org.springframework.stereotype.Component;

/** What stands on a packing slip: of a shipment that leaves, of one that is still open, or of a job that has none yet. */
@Component
public class SlipTexts {

    private final Sites sites;
    private final CartonTypes cartonTypes;
    private final NobrecSettings settings;

    SlipTexts(Sites sites, CartonTypes cartonTypes, NobrecSettings settings) {
        this.sites = sites;
        this.cartonTypes = cartonTypes;
        this.settings = settings;
    }

    /** @param service its name; empty text while none is chosen */
    public SlipText of(Shipment shipment, Jobs jobs, String service) {
        Map<Long, Integer> leaving = leaving(shipment);
        List<SlipText.PackageText> packages = shipment.packages().stream()
                .map(packed -> packageOf(packed, shipment.packages().size(), jobs, leaving))
                .toList();
        return head(
                sites.byId(shipment.siteId()),
                jobs,
                service,
                shipment.outcome()
                        .map(outcome -> DayWords.withYear(outcome.shipDate()))
                        .orElse(""),
                packages,
                total(
                        shipment.packages().stream()
                                .flatMap(packed -> packed.contents().stream())
                                .toList(),
                        jobs),
                stillToCome(jobs, leaving));
    }

    /** As if all that has not left were in one package. */
    public SlipText ofJob(WorkOrder job, Site site) {
        Jobs jobs = new Jobs(job, List.of(job));
        List<Shipment.Content> all = job.lines().stream()
                .map(line -> new Shipment.Content(line.id(), line.quantityOrdered(), line.lots()))
                .toList();
        Map<Long, Integer> leaving =
                all.stream().collect(Collectors.toMap(Shipment.Content::workOrderLineId, Shipment.Content::quantity));
        SlipText.PackageText packed = new SlipText.PackageText(
                1,
                1,
                job.weight()
                        .map(weight -> MeasureText.show(weight, settings.units()))
                        .orElse(""),
                "",
                all.stream().map(content -> lineOf(content, jobs, leaving)).toList(),
                SlipText.DrawingText.NONE);
        return head(site, jobs, job.requestedService(), "", List.of(packed), total(all, jobs), List.of());
    }

    private SlipText head(
            Site site,
            Jobs jobs,
            String service,
            String shipDate,
            List<SlipText.PackageText> packages,
            String total,
            List<SlipText.ToCome> stillToCome) {
        WorkOrder job = jobs.leading();
        return new SlipText(
                LabelAddress.lines(site.address(), job.shipTo().country()),
                LabelAddress.phone(site.phone(), site.country(), site),
                LabelAddress.lines(job.shipToOnPapers(), site.country()),
                LabelAddress.lines(job.particulars().billTo(), site.country()),
                job.number(),
                jobs.all().size() > 1 ? jobs.numbers() : "",
                job.customer(),
                job.customerPo(),
                LabelAddress.filled(job.particulars().references().toArray(String[]::new)),
                job.particulars().notes(),
                job.particulars().custom().entrySet().stream()
                        .filter(each -> !each.getValue().isBlank())
                        .map(each -> new SlipText.Field(each.getKey(), each.getValue()))
                        .toList(),
                words(job),
                service,
                shipDate,
                jobs.all().stream().noneMatch(each -> each.particulars().noPrices()),
                settings.currency().getCode(),
                total,
                packages,
                stillToCome);
    }

    /** What the gaps of a message can name. */
    private static Map<String, String> words(WorkOrder job) {
        Map<String, String> words = new TreeMap<>(String.CASE_INSENSITIVE_ORDER);
        words.putAll(job.particulars().custom());
        words.put("job", job.number());
        words.put("customer", job.customer());
        words.put("PO", job.customerPo());
        words.put("notes", job.particulars().notes());
        return words;
    }

    private SlipText.PackageText packageOf(Shipment.Package packed, int pieces, Jobs jobs, Map<Long, Integer> leaving) {
        return new SlipText.PackageText(
                packed.number(),
                pieces,
                packed.weight()
                        .or(packed::expectedWeight)
                        .map(weight -> MeasureText.show(weight, settings.units()))
                        .orElse(""),
                packed.trackingNumber().orElse(""),
                packed.contents().stream()
                        .map(content -> lineOf(content, jobs, leaving))
                        .toList(),
                drawing(packed, jobs));
    }

    private SlipText.LineText lineOf(Shipment.Content content, Jobs jobs, Map<Long, Integer> leaving) {
        WorkOrder.Line line = jobs.line(content.workOrderLineId());
        Optional<Long> cents = line.goods().unitValueCents();
        return new SlipText.LineText(
                jobs.all().size() > 1 ? jobs.orderOf(line.id()).number() : "",
                line.item(),
                line.description(),
                String.join(", ", line.handling().words()),
                LotText.say(content.lots()),
                content.quantity(),
                line.quantityOrdered(),
                toCome(line, leaving),
                line.unitWeight()
                        .map(weight -> MeasureText.show(weight, settings.units()))
                        .orElse(""),
                cents.map(MoneyText::showCents).orElse(""),
                cents.map(each -> MoneyText.showCents(each * content.quantity()))
                        .orElse(""),
                line.custom());
    }

    private static String total(List<Shipment.Content> contents, Jobs jobs) {
        return jobs.knownValueCents(contents).map(MoneyText::showCents).orElse("");
    }

    /** Pieces that are in a shipment and have not left yet, by line. */
    private static Map<Long, Integer> leaving(Shipment shipment) {
        return shipment.outcome().isPresent()
                ? Map.of()
                : shipment.lines().stream()
                        .collect(Collectors.toMap(
                                Shipment.Line::workOrderLineId, Shipment.Line::quantity, Integer::sum));
    }

    /** What is left of a line once these have gone. */
    private static int toCome(WorkOrder.Line line, Map<Long, Integer> leaving) {
        return Math.max(0, line.quantityOpen() - leaving.getOrDefault(line.id(), 0));
    }

    private static List<SlipText.ToCome> stillToCome(Jobs jobs, Map<Long, Integer> leaving) {
        return jobs.all().stream()
                .flatMap(job -> job.lines().stream())
                .filter(line -> toCome(line, leaving) > 0)
                .map(line -> new SlipText.ToCome(line.item(), line.description(), toCome(line, leaving)))
                .toList();
    }

    /** The layers as the packer lays them, seen from above. */
    private SlipText.DrawingText drawing(Shipment.Package packed, Jobs jobs) {
        PackageDrawing drawing = PackageDrawing.of(
                packed,
                cartonTypes.set().byCode(packed.cartonCode()),
                jobs,
                packed.size().longest());
        return new SlipText.DrawingText(
                drawing.outline().length(),
                drawing.outline().width(),
                drawing.layers().stream()
                        .map(layer -> new SlipText.LayerText(
                                MeasureText.show(layer.height(), settings.units()),
                                layer.pieces().stream()
                                        .map(piece -> new SlipText.PieceText(
                                                piece.name(),
                                                piece.x(),
                                                piece.y(),
                                                piece.lying().length(),
                                                piece.lying().width()))
                                        .toList()))
                        .toList());
    }
}
