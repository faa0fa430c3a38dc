package nobrec.server.returns;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.returns.ReturnState;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.account.Accounts;
import nobrec.server.api.figure.Amount;
import nobrec.server.api.list.Part;
import nobrec.server.api.security.SignedIn;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.document.Papers;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrders;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Returns as they are shown. */
@Component
class ReturnViews {

    private static final int COUNTED = 1_000;
    private static final int COST_ROWS = 200;

    private final ReturnMapper mapper;
    private final WorkOrders workOrders;
    private final ServiceCatalog catalog;
    private final Papers papers;
    private final ReturnReminders reminders;
    private final Accounts accounts;
    private final Sites sites;

    ReturnViews(
            ReturnMapper mapper,
            WorkOrders workOrders,
            ServiceCatalog catalog,
            Papers papers,
            ReturnReminders reminders,
            Accounts accounts,
            Sites sites) {
        this.mapper = mapper;
        this.workOrders = workOrders;
        this.catalog = catalog;
        this.papers = papers;
        this.reminders = reminders;
        this.accounts = accounts;
        this.sites = sites;
    }

    ReturnView one(long id) {
        return views(List.of(mapper.byId(id).orElseThrow(() -> Returns.unknown(id))))
                .get(0);
    }

    List<ReturnView> ofJob(String job) {
        return views(mapper.ofJob(workOrders.idOf(job)));
    }

    ReturnView.ReturnList look(ReturnLook look, Part part) {
        List<ReturnRow> rows = mapper.look(look.states(), dueBefore(look), part.cursor(), part.limit());
        return new ReturnView.ReturnList(
                views(rows),
                part.next(rows, ReturnRow::id),
                Arrays.stream(ReturnLook.values())
                        .map(each ->
                                new ReturnView.CountView(each, mapper.count(each.states(), dueBefore(each), COUNTED)))
                        .toList());
    }

    private @Nullable LocalDate dueBefore(ReturnLook look) {
        return look.isOverdue() ? sites.today() : null;
    }

    ReturnView.CostList costs(LocalDate from, LocalDate until) {
        ZoneId zone = ZoneId.of(sites.timeZone());
        return new ReturnView.CostList(
                from,
                until,
                mapper
                        .costs(
                                from.atStartOfDay(zone).toInstant(),
                                until.plusDays(1).atStartOfDay(zone).toInstant(),
                                COST_ROWS)
                        .stream()
                        .map(row -> new ReturnView.CostView(
                                row.customer(),
                                row.reason(),
                                row.reason().words(),
                                row.returns(),
                                row.pieces(),
                                Amount.of(row.freight()),
                                Amount.of(row.customerPaid())))
                        .toList());
    }

    private List<ReturnView> views(List<ReturnRow> rows) {
        if (rows.isEmpty()) {
            return List.of();
        }
        Map<Long, List<ReturnLineRow>> lines = mapper
                .linesOf(rows.stream().map(ReturnRow::id).toList())
                .stream()
                .collect(Collectors.groupingBy(ReturnLineRow::returnId));
        Map<Long, WorkOrder> jobs =
                workOrders
                        .byIds(rows.stream()
                                .map(ReturnRow::workOrderId)
                                .distinct()
                                .toList())
                        .stream()
                        .collect(Collectors.toMap(WorkOrder::id, job -> job));
        return rows.stream()
                .map(row -> view(
                        row, lines.getOrDefault(row.id(), List.of()), Optional.ofNullable(jobs.get(row.workOrderId()))))
                .toList();
    }

    private ReturnView view(ReturnRow row, List<ReturnLineRow> lines, Optional<WorkOrder> job) {
        return new ReturnView(
                row.id(),
                row.shipmentId(),
                row.job(),
                row.customer(),
                job.map(each -> each.mail()).orElse(""),
                sites.byId(row.siteId()).city(),
                row.reason(),
                row.reason().words(),
                row.note(),
                row.state(),
                row.state().isOverdue(row.due(), sites.today()),
                row.serviceCode() == null
                        ? ""
                        : catalog.service(row.serviceCode()).name(),
                row.trackingNumber() == null ? "" : row.trackingNumber(),
                row.payer(),
                row.payer().words(),
                ifSeen(row.freightCost()),
                ifSeen(row.customerCharge()),
                row.due(),
                row.said(),
                accounts.displayName(row.askedBy()),
                row.askedAt(),
                row.reminders(),
                Optional.ofNullable(row.remindedAt()),
                reminders.areMailed(),
                row.receivedBy() == null ? "" : accounts.displayName(row.receivedBy()),
                Optional.ofNullable(row.receivedAt()),
                row.came(),
                lines.stream()
                        .map(line -> new ReturnView.LineView(
                                line.position(),
                                line.item(),
                                line.quantity(),
                                Optional.ofNullable(line.came()),
                                Optional.ofNullable(line.cameCondition())))
                        .toList(),
                labels(row));
    }

    static Optional<Amount> ifSeen(Money amount) {
        return SignedIn.seesWhatCustomersPay() ? Optional.of(Amount.of(amount)) : Optional.empty();
    }

    private List<String> labels(ReturnRow row) {
        return !row.hasOurLabel() || row.state() == ReturnState.ASKED
                ? List.of()
                : papers.of(Subject.Kind.RETURN, row.id()).stream()
                        .map(paper -> "/api/v1/papers/" + paper.id())
                        .toList();
    }
}
