package nobrec.server.customer;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nobrec.core.address.AddressCheck;
import nobrec.core.address.PostalAddress;
import nobrec.core.customer.AddressAnswer;
import nobrec.core.layout.OrderField;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.audit.AuditLog;
import nobrec.server.customer.AskedAddressRow.Answer;
import nobrec.server.job.JobEdits;
import nobrec.server.place.AddressChecks;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.shipment.Shipments;
import nobrec.server.workorder.WorkOrders;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Other addresses that customers ask for: checked, and used at once or once the shop says yes. */
@Service
class AskedAddresses {

    private static final String THING = "The address";
    private static final String HOLD = "The customer asks for another address: answer it on Customers";
    private static final String BESIDES = "; ";
    private static final int LONGEST_LINE = 500;

    private final CustomerMapper mapper;
    private final CustomerSettings settings;
    private final WaysOfJobs ways;
    private final AddressChecks checks;
    private final WorkOrders workOrders;
    private final Shipments shipments;
    private final JobEdits edits;
    private final AuditLog auditLog;
    private final TransactionOperations transactions;
    private final Clock clock;

    AskedAddresses(
            CustomerMapper mapper,
            CustomerSettings settings,
            WaysOfJobs ways,
            AddressChecks checks,
            WorkOrders workOrders,
            Shipments shipments,
            JobEdits edits,
            AuditLog auditLog,
            TransactionOperations transactions,
            Clock clock) {
        this.mapper = mapper;
        this.settings = settings;
        this.ways = ways;
        this.checks = checks;
        this.workOrders = workOrders;
        this.shipments = shipments;
        this.edits = edits;
        this.auditLog = auditLog;
        this.transactions = transactions;
        this.clock = clock;
    }

    /** Whether it goes to one place, which its record says. */
    static boolean isPossible(WorkOrder job) {
        return job.status() != WorkOrderStatus.SHIPPED
                && job.lines().stream().allMatch(line -> line.shipTo().isEmpty());
    }

    /**
     * @return whether it waits for the shop
     * @throws Refusal where a driver would not find it
     */
    boolean ask(WorkOrder job, PostalAddress typed) {
        if (!isPossible(job)) {
            throw Refusal.conflict(THING, "It cannot be changed any more.", "Write to us.");
        }
        PostalAddress address = typed.inStandardSpelling();
        if (address.equals(job.shipTo())) {
            throw Refusal.unusable(THING, "It is the one it goes to.", "Change what is wrong with it.");
        }
        AddressCheck.worst(checks.check(address))
                .filter(AddressCheck.Finding::stops)
                .ifPresent(finding -> {
                    throw Refusal.unusable(THING, finding.reason(), finding.remedy());
                });
        Optional<Money> before = ways.priceAfter(job, () -> {});
        Optional<Money> after = ways.priceAfter(job, () -> change(job, address, AuditLog.BY_CUSTOMER));
        AddressAnswer answer = AddressAnswer.of(
                job.shipTo(), address, before, after, settings.now().looksAtAddresses());
        transactions.executeWithoutResult(status -> keep(job, address, before, after, answer));
        return answer.waits();
    }

    private void keep(
            WorkOrder job, PostalAddress address, Optional<Money> before, Optional<Money> after, AddressAnswer answer) {
        // a label that is being bought has its address; one that is not is stopped by the hold
        shipments.openOf(job).ifPresent(id -> shipments.lockedInOutline(id).requireOpen());
        workOrders.recordedLocked(job.id());
        if (!answer.waits()) {
            change(job, address, AuditLog.BY_CUSTOMER);
        }
        mapper.overtake(job.id(), clock.instant());
        mapper.insertAddress(row(job, address, before.orElse(null), after.orElse(null), answer));
        hold(job, answer.waits());
        auditLog.write(
                AuditLog.BY_CUSTOMER,
                answer.waits() ? "asked for another address" : "corrected a ship-to",
                "Job " + job.number(),
                line(address) + ". " + answer.reason() + " " + words(before) + " before, " + words(after) + " there.");
    }

    private AskedAddressRow row(
            WorkOrder job, PostalAddress address, @Nullable Money before, @Nullable Money after, AddressAnswer answer) {
        return new AskedAddressRow(
                0,
                job.id(),
                address.company(),
                address.person(),
                address.street(),
                address.street2(),
                address.city(),
                address.state(),
                address.postalCode(),
                address.country(),
                Shortened.to(LONGEST_LINE, line(job.shipTo())),
                answer.reason(),
                before,
                after,
                clock.instant(),
                answer.waits() ? Answer.AWAITED : Answer.YES,
                "",
                answer.waits() ? "" : AuditLog.BY_ITSELF,
                answer.waits() ? null : clock.instant());
    }

    /** Read as if a person typed it on the job's page. */
    private void change(WorkOrder job, PostalAddress address, String signIn) {
        List<String> texts = address.parts();
        List<JobEdits.Edit> all = new ArrayList<>();
        for (int each = 0; each < texts.size(); each++) {
            all.add(new JobEdits.Edit(OrderField.SHIP_TO.get(each), 0, Optional.empty(), texts.get(each)));
        }
        edits.edit(job.number(), all, signIn);
    }

    /** While the shop is asked the job must not go; what else holds it holds it still. */
    private void hold(WorkOrder job, boolean waits) {
        String hold = workOrders.recordedLocked(job.id()).particulars().hold();
        String others = withoutOurs(hold);
        String wanted = waits ? withOurs(others) : others;
        if (!wanted.equals(hold)) {
            workOrders.keepHold(job.id(), wanted);
        }
    }

    /** Where both are too long to stand there, what holds it already holds it. */
    private static String withOurs(String others) {
        String both = others.isEmpty() ? HOLD : others + BESIDES + HOLD;
        return both.length() > Limits.TEXT ? others : both;
    }

    private static String withoutOurs(String hold) {
        return hold.equals(HOLD) ? "" : hold.replace(BESIDES + HOLD, "");
    }

    List<AskedAddressRow> awaited(int limit) {
        return mapper.awaitedAddresses(limit);
    }

    Optional<AskedAddressRow> newest(WorkOrder job) {
        return mapper.newestAddress(job.id());
    }

    /**
     * It goes there, and the customer pays what it costs there.
     *
     * @param seen what the customer would pay, as the person saw it; empty text where it was not known
     */
    void sayYes(long id, String seen, String signIn) {
        AskedAddressRow asked = transactions.execute(status -> awaitedLocked(id));
        WorkOrder job = workOrders.byId(asked.workOrderId());
        Optional<Money> price = ways.priceAfter(job, () -> change(job, asked.address(), signIn));
        String now = price.map(ShopMoney::show).orElse("");
        if (!now.equals(seen)) {
            transactions.executeWithoutResult(status -> mapper.reprice(id, price.orElse(null)));
            throw Refusal.changedSince(
                    "The address that was asked for",
                    "The customer would pay " + (now.isEmpty() ? "an amount not known" : now) + " there now, not "
                            + (seen.isEmpty() ? "one not known" : seen) + ".",
                    "Look again.");
        }
        transactions.executeWithoutResult(status -> {
            change(job, asked.address(), signIn);
            awaitedLocked(id);
            if (job.particulars().clearance().holdsQuote()) {
                price.ifPresent(each -> workOrders.keepQuoted(job.id(), each, true));
            }
            answer(asked, job, Answer.YES, "", signIn);
        });
    }

    /** @param text why not, as the customer reads it */
    void sayNo(long id, String text, String signIn) {
        AskedAddressRow asked = transactions.execute(status -> awaitedLocked(id));
        transactions.executeWithoutResult(status -> {
            WorkOrder job = workOrders.recordedLocked(asked.workOrderId());
            awaitedLocked(id);
            answer(asked, job, Answer.NO, text, signIn);
        });
    }

    private void answer(AskedAddressRow asked, WorkOrder job, Answer answer, String text, String signIn) {
        mapper.answer(asked.id(), answer, text, signIn, clock.instant());
        if (job.status() != WorkOrderStatus.SHIPPED) {
            hold(job, false);
        }
        auditLog.write(
                signIn,
                answer == Answer.YES ? "said yes to another address" : "said no to another address",
                "Job " + job.number(),
                text.isEmpty() ? line(asked.address()) : text);
    }

    private AskedAddressRow awaitedLocked(long id) {
        AskedAddressRow row = mapper.addressLocked(id)
                .orElseThrow(() -> Refusal.notFound("The address that was asked for", "Reload the page."));
        if (row.answer() != Answer.AWAITED) {
            throw Refusal.conflict(
                    "The address that was asked for",
                    row.answer() == Answer.OVERTAKEN
                            ? "The customer asked for another one since."
                            : row.answeredBy() + " has answered it.",
                    "Reload the page.");
        }
        return row;
    }

    private static String words(Optional<Money> price) {
        return price.map(ShopMoney::show).orElse("Not known");
    }

    static String line(PostalAddress address) {
        return String.join(", ", address.lines());
    }
}
