package nobrec.server.books;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import nobrec.core.books.AccountRules;
import nobrec.core.books.ClosedInvoice;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.site.Sites;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the bookkeeper decides: accounts, closed periods, closed invoices. */
@Service
class BooksSetting {

    private final BooksMapper mapper;
    private final ServiceCatalog catalog;
    private final Sites sites;
    private final SetUpVersion setUpVersion;
    private final AuditLog auditLog;
    private final Clock clock;

    BooksSetting(
            BooksMapper mapper,
            ServiceCatalog catalog,
            Sites sites,
            SetUpVersion setUpVersion,
            AuditLog auditLog,
            Clock clock) {
        this.mapper = mapper;
        this.catalog = catalog;
        this.sites = sites;
        this.setUpVersion = setUpVersion;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    List<AccountRules.Rule> rules() {
        return mapper.rules().stream().map(AccountRuleRow::rule).toList();
    }

    /** @param closedThrough empty where no period is closed */
    record Change(
            int version,
            ClosedInvoice closedInvoice,
            Optional<LocalDate> closedThrough,
            List<AccountRules.Rule> rules) {}

    @Transactional
    public void change(Change change, String signIn) {
        BooksSetUp before = mapper.setUpLocked().orElse(BooksSetUp.NONE);
        if (before.version() != change.version()) {
            throw Refusal.changedSince("The books", "Somebody changed how they are kept.", "Reload the page.");
        }
        requireOver(change.closedThrough());
        change.rules().forEach(this::requireKnown);
        mapper.keepSetUp(
                new BooksSetUp(0, change.closedInvoice(), change.closedThrough().orElse(null)),
                signIn,
                clock.instant());
        mapper.forgetRules();
        List<AccountRuleRow> rows = new ArrayList<>();
        for (AccountRules.Rule rule : change.rules()) {
            rows.add(new AccountRuleRow(
                    rows.size() + 1,
                    rule.carrier(),
                    rule.site(),
                    rule.customer(),
                    rule.terms(),
                    rule.expenseAccount(),
                    rule.liabilityAccount()));
        }
        if (!rows.isEmpty()) {
            mapper.insertRules(rows);
        }
        setUpVersion.changed();
        auditLog.write(signIn, act(before, change), "Books", rows.size() + " account rules");
    }

    /** A day that is not over yet still gets what leaves on it. */
    private void requireOver(Optional<LocalDate> closedThrough) {
        closedThrough.filter(day -> !day.isBefore(sites.today())).ifPresent(day -> {
            throw Refusal.unusable(
                    "The closed period",
                    day + " is not over yet.",
                    "Close through yesterday, " + sites.today().minusDays(1) + ", at the latest.");
        });
    }

    private void requireKnown(AccountRules.Rule rule) {
        if (!rule.carrier().isEmpty()) {
            catalog.carrier(rule.carrier());
        }
        if (!rule.site().isEmpty()) {
            sites.byCode(rule.site());
        }
    }

    private static String act(BooksSetUp before, Change change) {
        LocalDate now = change.closedThrough().orElse(null);
        if (Objects.equals(before.closedThrough(), now)) {
            return "changed how the books are kept";
        }
        return now == null
                ? "opened all periods again"
                : before.closedThrough() != null && now.isBefore(before.closedThrough())
                        ? "opened the books again after " + now
                        : "closed the books through " + now;
    }
}
