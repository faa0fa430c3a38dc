package nobrec.server.job;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.intake.OrderCorrection;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.layout.OrderField;
import nobrec.core.layout.OrderField.Part;
import nobrec.core.limit.Limits;
import nobrec.core.readiness.Attention;
import nobrec.core.rule.RuleSentence;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.account.Accounts;
import nobrec.server.api.figure.Amount;
import nobrec.server.api.figure.WeightFigure;
import nobrec.server.api.security.SignedIn;
import nobrec.server.audit.AuditLog;
import nobrec.server.booking.WaitingShipments;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.document.Papers;
import nobrec.server.job.JobView.FieldGroup;
import nobrec.server.job.JobView.FieldView;
import nobrec.server.job.JobView.LineFieldView;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.shipment.Shipments;
import nobrec.server.telling.JobStatuses;
import nobrec.server.workorder.WorkOrders;
import nobrec.server.workorder.list.JobAttentions;
import org.springframework.stereotype.Component;

/** Puts together what the page of a job shows. */
@Component
class JobPages {

    private static final Set<OrderField> OF_WAY = EnumSet.of(
            OrderField.PROMISE_DATE,
            OrderField.SERVICE,
            OrderField.CARTON,
            OrderField.TERMS,
            OrderField.CARRIER_ACCOUNT,
            OrderField.QUOTED_FREIGHT,
            OrderField.SITE,
            OrderField.NO_PRICES,
            OrderField.INCOTERM,
            OrderField.EXPORT_REASON,
            OrderField.DUTY_PAYER,
            OrderField.CURRENCY);

    private final JobStatuses statuses;
    private final WorkOrders workOrders;
    private final Shipments shipments;
    private final JobAttentions attentions;
    private final JobFields fields;
    private final JobNotes notes;
    private final Replacements replacements;
    private final WaitingShipments waiting;
    private final ServiceCatalog catalog;
    private final Papers papers;
    private final Accounts accounts;
    private final AuditLog auditLog;
    private final NobrecSettings settings;
    private final ShopMoney money;

    JobPages(
            JobStatuses statuses,
            WorkOrders workOrders,
            Shipments shipments,
            JobAttentions attentions,
            JobFields fields,
            JobNotes notes,
            Replacements replacements,
            WaitingShipments waiting,
            ServiceCatalog catalog,
            Papers papers,
            Accounts accounts,
            AuditLog auditLog,
            NobrecSettings settings,
            ShopMoney money) {
        this.statuses = statuses;
        this.workOrders = workOrders;
        this.shipments = shipments;
        this.attentions = attentions;
        this.fields = fields;
        this.notes = notes;
        this.replacements = replacements;
        this.waiting = waiting;
        this.catalog = catalog;
        this.papers = papers;
        this.accounts = accounts;
        this.auditLog = auditLog;
        this.settings = settings;
        this.money = money;
    }

    JobView of(String number, String signIn) {
        WorkOrder recorded = workOrders.recorded(workOrders.idOf(number));
        WorkOrder job = recorded.ruled();
        List<Shipment> all = shipments.of(job);
        OrderCorrection.Texts texts = fields.correction().texts(WorkOrderDraft.of(recorded));
        OrderCorrection.Texts filled = fields.correction().texts(WorkOrderDraft.whole(job));
        return new JobView(
                job.number(),
                job.source(),
                job.customer(),
                job.status(),
                statuses.of(job.id()),
                job.particulars().hold(),
                workOrders.cameIn(job.id()),
                job.promiseDate(),
                SignedIn.bringsIn() && job.status() != WorkOrderStatus.SHIPPED,
                job.placeKind().words(),
                settings.units().weightUnit().symbol(),
                job.weight().map(each -> WeightFigure.of(each, settings.units())),
                job.valueCents().map(money::ofCents).map(Amount::of),
                attentions.of(job).stream().map(JobPages::attention).toList(),
                fields(texts, filled),
                job.lines().stream().map(line -> line(line, texts, filled)).toList(),
                all.stream().map(each -> shipment(each, number)).toList(),
                job.ruling().acted().stream()
                        .map(acted -> new JobView.RuleView(acted.name(), acted.why(), RuleSentence.acts(acted.acts())))
                        .toList(),
                notes.of(job.id()).stream()
                        .map(note -> new JobView.NoteView(
                                note.id(),
                                note.writtenAt(),
                                accounts.displayName(note.writtenBy()),
                                note.writtenBy().equals(signIn),
                                note.text()))
                        .toList(),
                history(number, all),
                replacements.replacedBy(job.id()).map(JobPages::replacement),
                replacements.of(job.id()).stream().map(JobPages::replacement).toList());
    }

    private static JobView.ReplacementView replacement(ReplacementRow row) {
        return new JobView.ReplacementView(
                row.job(), row.replaces(), row.reason().words());
    }

    private static JobView.AttentionView attention(Attention each) {
        return new JobView.AttentionView(
                each.kind(), each.reason(), each.remedy(), each.field(), each.line(), each.now());
    }

    /** Fields of the job itself; what house rules make of them stands beside. */
    private static List<FieldView> fields(OrderCorrection.Texts recorded, OrderCorrection.Texts counted) {
        return Arrays.stream(OrderField.values())
                .filter(field -> field.part() == Part.HEAD && OrderCorrection.isOurs(field))
                .map(field -> {
                    String text = recorded.of(field, 0);
                    String counts = counted.of(field, 0);
                    return new FieldView(
                            field, field.label(), group(field), field.form(), text, counts.equals(text) ? "" : counts);
                })
                .toList();
    }

    private static FieldGroup group(OrderField field) {
        if (field.name().startsWith("BILL_")) {
            return FieldGroup.BILL_TO;
        }
        if (OF_WAY.contains(field)) {
            return FieldGroup.WAY;
        }
        if (field == OrderField.LATIN_SHIP_TO) {
            return FieldGroup.SHIP_TO;
        }
        return field.ordinal() >= OrderField.COMPANY.ordinal() && field.ordinal() <= OrderField.MAIL.ordinal()
                ? FieldGroup.SHIP_TO
                : FieldGroup.TEXTS;
    }

    private static JobView.LineView line(
            WorkOrder.Line line, OrderCorrection.Texts recorded, OrderCorrection.Texts counted) {
        List<LineFieldView> fields = Arrays.stream(OrderField.values())
                .filter(field -> field.part() == Part.LINE && OrderCorrection.isOurs(field))
                .map(field -> {
                    String text = recorded.of(field, line.position());
                    String counts = counted.of(field, line.position());
                    return new LineFieldView(field, field.label(), text, counts.equals(text) ? "" : counts);
                })
                .toList();
        return new JobView.LineView(
                line.position(),
                line.item(),
                line.quantityOrdered(),
                line.quantityReady().orElse(line.quantityOrdered()),
                line.quantityTaken() - line.quantityShipped(),
                line.quantityShipped(),
                fields);
    }

    private JobView.ShipmentView shipment(Shipment shipment, String number) {
        Optional<Shipment.Outcome> outcome = shipment.outcome();
        boolean seesMoney = SignedIn.seesWhatCustomersPay();
        return new JobView.ShipmentView(
                shipment.id(),
                shipment.state(),
                shipment.packages().size(),
                shipment.pieces(),
                outcome.map(each -> catalog.service(each.serviceCode()).name()).orElse(""),
                shipment.packages().stream()
                        .flatMap(each -> each.trackingNumber().stream())
                        .toList(),
                shipments.jobs(shipment).all().stream()
                        .map(WorkOrder::number)
                        .filter(each -> !each.equals(number))
                        .toList(),
                outcome.map(Shipment.Outcome::shippedAt),
                shipment.startedBy().map(accounts::displayName).orElse(""),
                outcome.filter(each -> seesMoney).map(each -> Amount.of(each.freightCost())),
                outcome.filter(each -> seesMoney).map(each -> Amount.of(each.customerCharge())),
                waiting.reasonOf(shipment).or(() -> waiting.refusalOf(shipment)),
                papers.of(Subject.Kind.SHIPMENT, shipment.id()).stream()
                        .map(each -> new JobView.PaperView(each.id(), each.title(), "/api/v1/papers/" + each.id()))
                        .toList());
    }

    private List<JobView.HistoryView> history(String number, List<Shipment> all) {
        List<String> things = new ArrayList<>(List.of("Job " + number));
        all.forEach(each -> things.add("Shipment " + each.id()));
        return auditLog.of(things, Limits.ENTRIES_OF_HISTORY).stream()
                .map(each -> new JobView.HistoryView(
                        each.at(),
                        each.signIn().equals(AuditLog.BY_ITSELF) ? "by itself" : accounts.displayName(each.signIn()),
                        each.act(),
                        each.thing(),
                        each.detail()))
                .toList();
    }
}
