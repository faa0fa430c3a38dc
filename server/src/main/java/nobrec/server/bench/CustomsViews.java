package nobrec.server.bench;

import java.util.Arrays;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import nobrec.core.address.AddressLayout;
import nobrec.core.address.Countries;
import nobrec.core.customs.CustomsFact;
import nobrec.core.customs.CustomsProblem;
import nobrec.core.customs.DeclaredTerms;
import nobrec.core.customs.DutyPayer;
import nobrec.core.customs.ExportPaper;
import nobrec.core.customs.ExportReason;
import nobrec.core.customs.GoodsCheck;
import nobrec.core.customs.Incoterm;
import nobrec.core.declaration.CustomsDeclaration;
import nobrec.core.intake.OrderCorrection;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.item.Item;
import nobrec.core.item.LineGoods;
import nobrec.core.layout.OrderField;
import nobrec.core.notation.DayWords;
import nobrec.core.service.Service;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.api.figure.Kilograms;
import nobrec.server.api.security.SignedIn;
import nobrec.server.bench.CustomsView.ChoiceView;
import nobrec.server.bench.CustomsView.EntryView;
import nobrec.server.bench.CustomsView.GoodsView;
import nobrec.server.bench.CustomsView.PackedView;
import nobrec.server.bench.CustomsView.PaperToComeView;
import nobrec.server.bench.CustomsView.ProblemView;
import nobrec.server.bench.CustomsView.TermView;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.customs.Customs;
import nobrec.server.document.page.PaperLetters;
import nobrec.server.item.Items;
import nobrec.server.job.JobFields;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.pricing.Assessor;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Component;

/** Puts together what the customs of a job shows. */
@Component
class CustomsViews {

    private static final Map<OrderField, CustomsFact> FACTS = Map.of(
            OrderField.CUSTOMS_DESCRIPTION, CustomsFact.DESCRIPTION,
            OrderField.HS_CODE, CustomsFact.HS_CODE,
            OrderField.ORIGIN, CustomsFact.ORIGIN,
            OrderField.UNIT_VALUE, CustomsFact.VALUE,
            OrderField.UNIT_WEIGHT, CustomsFact.NET_WEIGHT);

    private static final List<OrderField> IN_ORDER = List.of(
            OrderField.CUSTOMS_DESCRIPTION,
            OrderField.HS_CODE,
            OrderField.ORIGIN,
            OrderField.UNIT_VALUE,
            OrderField.UNIT_WEIGHT);

    private final Shipments shipments;
    private final WorkOrders workOrders;
    private final Assessor assessor;
    private final ServiceCatalog catalog;
    private final Customs customs;
    private final Items items;
    private final JobFields fields;
    private final Sites sites;
    private final NobrecSettings settings;

    CustomsViews(
            Shipments shipments,
            WorkOrders workOrders,
            Assessor assessor,
            ServiceCatalog catalog,
            Customs customs,
            Items items,
            JobFields fields,
            Sites sites,
            NobrecSettings settings) {
        this.shipments = shipments;
        this.workOrders = workOrders;
        this.assessor = assessor;
        this.catalog = catalog;
        this.customs = customs;
        this.items = items;
        this.fields = fields;
        this.sites = sites;
        this.settings = settings;
    }

    CustomsView of(Shipment shipment) {
        Jobs jobs = shipments.jobs(shipment);
        WorkOrder job = jobs.leading();
        String home = sites.byId(shipment.siteId()).country();
        CustomsDeclaration declared = customs.declaration(shipment, jobs);
        DeclaredTerms terms = declared.terms();
        Optional<Service> service = service(shipment, jobs);
        boolean byPost = service.stream()
                .flatMap(each -> each.exportPapers().stream())
                .anyMatch(paper -> paper.kind() == ExportPaper.Kind.POSTAL_DECLARATION);
        return new CustomsView(
                job.number(),
                shipment.state() == ShipmentState.OPEN && SignedIn.bringsIn(),
                customs.isAbroad(shipment, job),
                Countries.nameOf(job.shipTo().country()),
                service.map(Service::name).orElse(""),
                AddressLayout.whole(job.shipToOnPapers(), home),
                job.particulars().export().latinShipTo(),
                job.shipTo(),
                PaperLetters.notPrintable(String.join("", AddressLayout.whole(job.shipToOnPapers(), home))),
                terms(job, terms),
                lines(shipment, jobs, declared),
                declared.packages().stream()
                        .map(packed -> packed(packed, shipment, jobs, terms, byPost))
                        .toList(),
                declared.value().getCurrencyUnit().getCode(),
                settings.units().weightUnit().symbol(),
                terms.rate()
                        .map(rate -> "1 " + rate.currency() + " = "
                                + rate.rate().stripTrailingZeros().toPlainString() + " "
                                + terms.ours().getCode() + ", " + DayWords.withYear(rate.day()))
                        .orElse(""),
                declared.value().getAmount().toPlainString(),
                Kilograms.show(declared.netGrams()),
                Kilograms.show(declared.grossGrams()),
                customs.problems(shipment, jobs).stream()
                        .map(each -> new ProblemView(each.stops(), each.reason(), each.remedy()))
                        .toList(),
                service.stream()
                        .flatMap(each -> each.exportPapers().stream())
                        .map(paper -> new PaperToComeView(paper.kind().words(), paper.copies()))
                        .toList(),
                terms.notInPrices(job.shipTo().country()),
                customs.setUp().signer());
    }

    /** By which it goes as things stand, or by which it went. */
    private Optional<Service> service(Shipment shipment, Jobs jobs) {
        return shipment.outcome()
                .map(outcome -> catalog.service(outcome.serviceCode()))
                .or(() -> shipment.state() == ShipmentState.OPEN
                        ? assessor.assess(shipment, jobs).chosenOffer().map(offer -> offer.service())
                        : Optional.empty());
    }

    private List<TermView> terms(WorkOrder job, DeclaredTerms terms) {
        OrderCorrection.Texts said = texts(job, WorkOrderDraft::of);
        return List.of(
                term(
                        said,
                        OrderField.INCOTERM,
                        terms.incoterm() + ", " + terms.incoterm().words(),
                        incoterms()),
                term(
                        said,
                        OrderField.EXPORT_REASON,
                        terms.reason().words(),
                        words(ExportReason.values(), ExportReason::words)),
                term(
                        said,
                        OrderField.DUTY_PAYER,
                        terms.dutyPayer().words(),
                        words(DutyPayer.values(), DutyPayer::words)),
                term(said, OrderField.CURRENCY, terms.currency(), currencies(terms)));
    }

    private static TermView term(
            OrderCorrection.Texts said, OrderField field, String counts, List<ChoiceView> choices) {
        return new TermView(field, field.label(), said.of(field, 0), counts, choices);
    }

    private static List<ChoiceView> incoterms() {
        return Arrays.stream(Incoterm.values())
                .map(each -> new ChoiceView(each.name(), each.name() + ", " + each.words()))
                .toList();
    }

    private static <T> List<ChoiceView> words(T[] all, Function<T, String> words) {
        return Arrays.stream(all)
                .map(words)
                .map(each -> new ChoiceView(each, each))
                .toList();
    }

    /** Those that somebody has said a rate of, and the shop's own. */
    private List<ChoiceView> currencies(DeclaredTerms terms) {
        return Stream.concat(
                        Stream.of(terms.ours().getCode()),
                        Stream.concat(customs.currencies().stream(), Stream.of(terms.currency())))
                .distinct()
                .map(code -> new ChoiceView(
                        code, code + ", " + Currency.getInstance(code).getDisplayName(Locale.US)))
                .toList();
    }

    private OrderCorrection.Texts texts(WorkOrder job, Function<WorkOrder, WorkOrderDraft> draft) {
        return fields.correction().texts(draft.apply(workOrders.recorded(job.id())));
    }

    private List<GoodsView> lines(Shipment shipment, Jobs jobs, CustomsDeclaration declared) {
        Function<String, Optional<Item>> known = items.of(shipment.lines().stream()
                .map(each -> jobs.line(each.workOrderLineId()).item())
                .toList());
        return jobs.all().stream()
                .flatMap(job -> {
                    OrderCorrection.Texts said = texts(job, WorkOrderDraft::of);
                    OrderCorrection.Texts counts = texts(job, WorkOrderDraft::whole);
                    return job.lines().stream()
                            .filter(line -> shipment.quantityOf(line.id()) > 0)
                            .map(line ->
                                    goods(job, line, shipment.quantityOf(line.id()), said, counts, declared, known));
                })
                .toList();
    }

    private static GoodsView goods(
            WorkOrder job,
            WorkOrder.Line line,
            int pieces,
            OrderCorrection.Texts said,
            OrderCorrection.Texts counts,
            CustomsDeclaration declared,
            Function<String, Optional<Item>> known) {
        List<CustomsProblem> problems = GoodsCheck.of(line.name(), line.description(), line.goods(), line.unitWeight());
        Optional<CustomsDeclaration.Line> there = declared.lines().stream()
                .filter(each -> each.workOrderLineId() == line.id())
                .findFirst();
        return new GoodsView(
                job.number(),
                line.position(),
                line.item(),
                pieces,
                IN_ORDER.stream()
                        .map(field -> entry(field, line, said, counts, problems))
                        .toList(),
                there.map(each -> each.value().getAmount().toPlainString()).orElse(""),
                there.map(each -> Kilograms.show(each.netGrams())).orElse(""),
                mayTeach(line, known));
    }

    private static EntryView entry(
            OrderField field,
            WorkOrder.Line line,
            OrderCorrection.Texts said,
            OrderCorrection.Texts counts,
            List<CustomsProblem> problems) {
        Optional<CustomsProblem> problem = problems.stream()
                .filter(each -> each.fact() == FACTS.get(field))
                .findFirst();
        String counting = counts.of(field, line.position());
        return new EntryView(
                field,
                said.of(field, line.position()),
                field == OrderField.CUSTOMS_DESCRIPTION && counting.isEmpty() ? line.description() : counting,
                problem.map(CustomsProblem::reason).orElse(""),
                problem.filter(CustomsProblem::stops).isPresent());
    }

    /** Where the item does not say the same already. */
    private static boolean mayTeach(WorkOrder.Line line, Function<String, Optional<Item>> known) {
        return !line.item().isEmpty()
                && known.apply(line.item())
                        .map(item -> !item.goods()
                                .equals(item.declaredAs(line.goods()).goods()))
                        .orElseGet(() -> !line.goods().equals(LineGoods.UNKNOWN));
    }

    private PackedView packed(
            CustomsDeclaration.Packed packed, Shipment shipment, Jobs jobs, DeclaredTerms terms, boolean byPost) {
        return new PackedView(
                packed.number(),
                shipment.packageNumbered(packed.number()).pieces(),
                packed.value(terms).getAmount().toPlainString(),
                Kilograms.show(packed.netGrams()),
                Kilograms.show(packed.grossGrams()),
                shipment.packageNumbered(packed.number()).weight().isPresent(),
                byPost
                        ? Optional.of(customs.form(shipment, jobs, packed.number()))
                                .map(choice -> choice.form().words() + ": " + choice.reason())
                                .orElse("")
                        : "");
    }
}
