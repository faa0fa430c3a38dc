package nobrec.server.document;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import nobrec.core.address.Countries;
import nobrec.core.address.PostalAddress;
import nobrec.core.customs.DeclaredTerms;
import nobrec.core.customs.ExchangeRate;
import nobrec.core.customs.ExportPaper;
import nobrec.core.customs.ExportReason;
import nobrec.core.declaration.CustomsDeclaration;
import nobrec.core.notation.DayWords;
import nobrec.core.notation.MeasureText;
import nobrec.core.service.Service;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.api.figure.Kilograms;
import nobrec.server.customs.Customs;
import nobrec.server.customs.ExportSetUp;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import org.joda.money.Money;
import org.springframework.stereotype.Component;

/** Puts together what stands on the papers that customs wants. Weights are metric, as customs reads them. */
@Component
class ExportPaperTexts {

    private final Customs customs;
    private final Sites sites;
    private final NobrecSettings settings;

    ExportPaperTexts(Customs customs, Sites sites, NobrecSettings settings) {
        this.customs = customs;
        this.sites = sites;
        this.settings = settings;
    }

    ExportPaperText of(Shipment shipment, Jobs jobs, Service service) {
        CustomsDeclaration declared = customs.declaration(shipment, jobs);
        WorkOrder job = jobs.leading();
        Site site = sites.byId(shipment.siteId());
        ExportSetUp setUp = customs.setUp();
        DeclaredTerms terms = declared.terms();
        List<CustomsDeclaration.Line> lines = declared.lines();
        return new ExportPaperText(
                "C-" + shipment.id(),
                DayWords.withYear(shipment.outcome().orElseThrow().shipDate()),
                LabelAddress.lines(site.address(), job.shipTo().country()),
                LabelAddress.phone(site.phone(), site.country(), site),
                setUp.taxNumber(),
                LabelAddress.lines(job.shipToOnPapers(), site.country()),
                LabelAddress.phone(job.phone(), job.shipTo().country(), site),
                buyer(job, site),
                references(jobs),
                service.carrier().name(),
                service.name(),
                shipment.packages().stream()
                        .flatMap(each -> each.trackingNumber().stream())
                        .toList(),
                terms.incoterm() + ", " + terms.incoterm().words() + " (Incoterms 2020)",
                terms.reason().words(),
                boxes(terms.reason()),
                terms.dutyPayer().words(),
                declared.value().getCurrencyUnit().getCode(),
                terms.rate().map(rate -> rate(rate, terms)).orElse(""),
                lines.stream().map(ExportPaperTexts::line).toList(),
                declared.packages().stream()
                        .map(each -> packed(each, shipment.packageNumbered(each.number()), terms))
                        .toList(),
                lines.stream().mapToInt(CustomsDeclaration.Line::quantity).sum(),
                amount(declared.value()),
                Kilograms.show(declared.netGrams()),
                Kilograms.show(declared.grossGrams()),
                lines.stream()
                        .map(each -> Countries.nameOf(each.origin()))
                        .distinct()
                        .sorted()
                        .toList(),
                setUp.forwarder().isEmpty()
                        ? List.of(service.carrier().name())
                        : setUp.forwarder().lines().toList(),
                BillsOfLading.terms(job.terms()),
                service.exportPapers().stream()
                        .filter(paper -> paper.kind() != ExportPaper.Kind.LETTER_OF_INSTRUCTION)
                        .map(paper -> paper.kind().words() + ", " + paper.copies()
                                + (paper.copies() == 1 ? " copy" : " copies"))
                        .toList(),
                signer(setUp));
    }

    private static String signer(ExportSetUp setUp) {
        return setUp.signerTitle().isEmpty() ? setUp.signer() : setUp.signer() + ", " + setUp.signerTitle();
    }

    private static List<String> buyer(WorkOrder job, Site site) {
        PostalAddress billTo = job.particulars().billTo();
        return billTo.name().isEmpty() ? List.of() : LabelAddress.lines(billTo, site.country());
    }

    private static List<String> references(Jobs jobs) {
        List<String> references = new ArrayList<>(List.of("Job " + jobs.numbers()));
        Stream.of(jobs.leading().customerPo())
                .filter(po -> !po.isEmpty())
                .map(po -> "PO " + po)
                .forEach(references::add);
        jobs.leading().particulars().references().stream()
                .filter(each -> !each.isEmpty())
                .forEach(references::add);
        return references;
    }

    private static List<ExportPaperText.Box> boxes(ExportReason reason) {
        List<ExportPaperText.Box> boxes = new ArrayList<>(Arrays.stream(ExportReason.values())
                .filter(each -> !each.isOtherByPost())
                .map(each -> new ExportPaperText.Box(each == reason ? "X" : "", each.words()))
                .toList());
        boxes.add(new ExportPaperText.Box(
                reason.isOtherByPost() ? "X" : "", reason.isOtherByPost() ? "other: " + reason.words() : "other"));
        return boxes;
    }

    private static String rate(ExchangeRate rate, DeclaredTerms terms) {
        return "1 " + rate.currency() + " = "
                + rate.rate().stripTrailingZeros().toPlainString() + " "
                + terms.ours().getCode() + " as of " + DayWords.withYear(rate.day());
    }

    private static ExportPaperText.Line line(CustomsDeclaration.Line line) {
        return new ExportPaperText.Line(
                line.job(),
                line.item(),
                line.description(),
                line.hsCode(),
                line.origin(),
                line.quantity(),
                amount(line.unitValue()),
                amount(line.value()),
                Kilograms.show(line.netGrams()));
    }

    private ExportPaperText.Packed packed(
            CustomsDeclaration.Packed packed, Shipment.Package real, DeclaredTerms terms) {
        return new ExportPaperText.Packed(
                packed.number(),
                real.trackingNumber().orElse(""),
                MeasureText.show(real.size(), settings.units()),
                Kilograms.show(packed.grossGrams()),
                Kilograms.show(packed.netGrams()),
                amount(packed.value(terms)),
                packed.lines().stream().map(ExportPaperTexts::line).toList());
    }

    private static String amount(Money money) {
        return money.getAmount().toPlainString();
    }
}
