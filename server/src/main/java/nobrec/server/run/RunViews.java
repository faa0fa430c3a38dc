package nobrec.server.run;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import nobrec.core.measure.Weight;
import nobrec.server.account.Accounts;
import nobrec.server.api.figure.Amount;
import nobrec.server.api.figure.WeightFigure;
import nobrec.server.api.security.SignedIn;
import nobrec.server.carton.CartonTypes;
import nobrec.server.platform.Age;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.platform.task.Tasks;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import org.joda.money.Money;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Runs as the screen shows them. */
@Component
class RunViews {

    private static final int LONGEST_TRACKING = 500;

    private static final Set<RunJobState> COUNTED =
            EnumSet.of(RunJobState.READY, RunJobState.SHIPPING, RunJobState.ASKED, RunJobState.SHIPPED);

    /** Where a carrier was asked, something can have become of it since. */
    private static final Set<RunJobState> FOLLOWED = EnumSet.of(RunJobState.ASKED, RunJobState.SHIPPED);

    private final RunMapper mapper;
    private final Runs runs;
    private final Shipments shipments;
    private final CartonTypes cartonTypes;
    private final Sites sites;
    private final RunPrepaid prepaid;
    private final Accounts accounts;
    private final NobrecSettings settings;
    private final ShopMoney money;
    private final JsonMapper json;
    private final Clock clock;

    RunViews(
            RunMapper mapper,
            Runs runs,
            Shipments shipments,
            CartonTypes cartonTypes,
            Sites sites,
            RunPrepaid prepaid,
            Accounts accounts,
            NobrecSettings settings,
            ShopMoney money,
            JsonMapper json,
            Clock clock) {
        this.mapper = mapper;
        this.runs = runs;
        this.shipments = shipments;
        this.cartonTypes = cartonTypes;
        this.sites = sites;
        this.prepaid = prepaid;
        this.accounts = accounts;
        this.settings = settings;
        this.money = money;
        this.json = json;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public RunView of(long id) {
        RunRow run = runs.byId(id);
        List<RunJobRow> rows = asTheyAre(mapper.jobs(id));
        boolean seesCharge = SignedIn.seesWhatCustomersPay();
        return new RunView(
                run.id(),
                accounts.displayName(run.madeBy()),
                run.madeAt(),
                Optional.ofNullable(run.startedBy()).map(accounts::displayName),
                Optional.ofNullable(run.startedAt()),
                runs.underWay(run).map(task -> doing(run, task, rows)),
                rows.stream().map(row -> view(row, seesCharge)).toList(),
                totals(rows, seesCharge),
                seesCharge,
                SignedIn.packsAndShips(),
                money.currency().getCode(),
                cartonTypes.all().stream()
                        .map(each -> new RunView.CartonChoice(each.code(), each.name()))
                        .toList(),
                sites.all().stream()
                        .map(each -> new RunView.SiteChoice(each.code(), each.city()))
                        .toList(),
                prepaid.of(rows));
    }

    /** With what has become of them since. */
    private List<RunJobRow> asTheyAre(List<RunJobRow> rows) {
        List<Long> ids = rows.stream()
                .filter(row -> FOLLOWED.contains(row.state()))
                .map(RunJobRow::shipmentId)
                .filter(Objects::nonNull)
                .toList();
        Set<Long> open = shipments.openOf(ids);
        Map<Long, String> shipped = shipments.trackingOf(ids);
        return rows.stream().map(row -> asItIs(row, open, shipped)).toList();
    }

    private static RunJobRow asItIs(RunJobRow row, Set<Long> open, Map<Long, String> shipped) {
        if (!FOLLOWED.contains(row.state()) || row.shipmentId() == null) {
            return row;
        }
        if (open.contains(row.shipmentId())) {
            return row.state() == RunJobState.SHIPPED
                    ? row.not(
                            RunJobState.FAILED, "It was shipped, and voided since.", "Look again to ship it once more.")
                    : row.not(RunJobState.FAILED, "Its carrier refused it.", "The Bench says why; then look again.");
        }
        String tracking = shipped.get(row.shipmentId());
        return tracking == null ? row : row.shipped(Shortened.to(LONGEST_TRACKING, tracking));
    }

    private RunView.Doing doing(RunRow run, Tasks.Standing task, List<RunJobRow> rows) {
        boolean shipping = rows.stream().noneMatch(row -> row.state() == RunJobState.NEW);
        Instant since = shipping && run.startedAt() != null ? run.startedAt() : run.madeAt();
        Optional<String> left = task.done() == 0
                ? Optional.empty()
                : Optional.of(Age.words(Duration.between(since, clock.instant())
                        .dividedBy(task.done())
                        .multipliedBy(task.total() - task.done())));
        return new RunView.Doing(shipping, task.stopRequested(), task.done(), task.total(), left);
    }

    private RunView.Row view(RunJobRow row, boolean seesCharge) {
        return new RunView.Row(
                row.job(),
                row.state(),
                row.site(),
                row.shipTo(),
                row.packages(),
                row.carton(),
                Optional.ofNullable(row.weight()).map(this::figure),
                row.weighed(),
                row.service(),
                Optional.ofNullable(row.total()).map(Amount::of),
                seesCharge ? Optional.ofNullable(row.charge()).map(Amount::of) : Optional.empty(),
                Optional.ofNullable(row.leavesOn()),
                Optional.ofNullable(row.arrivesOn()),
                Optional.ofNullable(row.promised()),
                row.arrivesOn() != null
                        && row.promised() != null
                        && row.arrivesOn().isAfter(row.promised()),
                row.reason(),
                row.remedy(),
                choices(row),
                row.tracking());
    }

    private List<RunView.Choice> choices(RunJobRow row) {
        return json.readValue(row.choices(), new TypeReference<List<RunLooks.Choice>>() {}).stream()
                .map(each -> new RunView.Choice(
                        each.code(),
                        each.name(),
                        new Amount(each.total(), money.currency().getCode()),
                        LocalDate.parse(each.arrives())))
                .toList();
    }

    private RunView.Totals totals(List<RunJobRow> rows, boolean seesCharge) {
        List<RunJobRow> going =
                rows.stream().filter(row -> COUNTED.contains(row.state())).toList();
        return new RunView.Totals(
                rows.size(),
                count(rows, RunJobState.READY),
                count(rows, RunJobState.STOPPED),
                count(rows, RunJobState.SHIPPED),
                count(rows, RunJobState.ASKED),
                count(rows, RunJobState.FAILED),
                going.stream().mapToInt(RunJobRow::packages).sum(),
                figure(going.stream()
                        .map(RunJobRow::weight)
                        .filter(Objects::nonNull)
                        .reduce(Weight.ZERO, Weight::plus)),
                Amount.of(sum(going.stream().map(RunJobRow::total))),
                seesCharge ? Optional.of(Amount.of(sum(going.stream().map(RunJobRow::charge)))) : Optional.empty());
    }

    private static int count(List<RunJobRow> rows, RunJobState state) {
        return (int) rows.stream().filter(row -> row.state() == state).count();
    }

    private Money sum(Stream<Money> amounts) {
        return amounts.filter(Objects::nonNull).reduce(money.zero(), Money::plus);
    }

    private WeightFigure figure(Weight weight) {
        return WeightFigure.of(weight, settings.units());
    }

    /** The newest first. */
    @Transactional(readOnly = true)
    public List<RunView.Line> newest(Long before, int limit) {
        return mapper.newest(before, limit).stream()
                .map(run -> new RunView.Line(
                        run.id(),
                        accounts.displayName(run.madeBy()),
                        run.madeAt(),
                        runs.count(run.id(), state -> true),
                        runs.count(run.id(), RunJobState.SHIPPED::equals),
                        runs.count(run.id(), RunJobState.FAILED::equals),
                        runs.underWay(run).isPresent()))
                .toList();
    }

    /** Shipments of it that have gone, in its order. */
    @Transactional(readOnly = true)
    public List<Long> gone(long id) {
        return asTheyAre(mapper.jobs(runs.byId(id).id())).stream()
                .filter(row -> row.state() == RunJobState.SHIPPED)
                .map(RunJobRow::shipmentId)
                .filter(Objects::nonNull)
                .toList();
    }
}
