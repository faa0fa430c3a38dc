package nobrec.server.books;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import nobrec.core.books.AccountRules;
import nobrec.core.books.ClosedInvoice;
import nobrec.core.charging.FreightTerms;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.server.api.figure.Amount;
import nobrec.server.api.list.Choice;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.api.security.ForTheBooks;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.csv.CsvText;
import nobrec.server.site.Sites;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Our journal of freight, and how it is kept. */
@RestController
@RequestMapping("/api/v1/books")
@Tag(name = "books")
class BooksController {

    /** As what a journal is given away. */
    enum JournalForm {
        PLAIN_TEXT,
        CSV
    }

    /** What is left out fits any; accounts as the shop's books name them. */
    record RuleEntry(
            @NotNull @Size(max = Limits.FIGURE_TEXT) String carrier,
            @NotNull @Size(max = Limits.FIGURE_TEXT) String site,
            @NotNull @Size(max = Limits.TEXT) String customer,
            Optional<FreightTerms> terms,
            @NotBlank @Size(max = Limits.TEXT) String expenseAccount,
            @NotBlank @Size(max = Limits.TEXT) String liabilityAccount) {}

    /**
     * @param version that was looked at; zero while nothing was set up
     * @param closedThrough last day on which nothing is booked any more; left out where no period is closed
     * @param rules in their order; the first that fits counts
     */
    record BooksEntry(
            @Min(0) int version,
            @NotNull ClosedInvoice closedInvoice,
            Optional<LocalDate> closedThrough,
            @NotNull @Size(max = Limits.ACCOUNT_RULES) List<@NotNull @Valid RuleEntry> rules) {}

    /** @param usualExpense account of what fits no rule, and its other side */
    record BooksView(
            BooksEntry entry,
            String usualExpense,
            String usualLiability,
            LocalDate today,
            List<Choice> closedInvoices,
            List<Choice> carriers,
            List<Choice> sites,
            List<Choice> terms) {}

    record BalanceView(List<AccountView> accounts, Amount debit, Amount credit) {}

    record AccountView(String account, int entries, Amount debit, Amount credit) {}

    private final JournalBook journal;
    private final JournalFiles files;
    private final BooksSetting setting;
    private final ServiceCatalog catalog;
    private final Sites sites;

    BooksController(
            JournalBook journal, JournalFiles files, BooksSetting setting, ServiceCatalog catalog, Sites sites) {
        this.journal = journal;
        this.files = files;
        this.setting = setting;
        this.catalog = catalog;
        this.sites = sites;
    }

    @GetMapping
    @ForAllButPackers
    BooksView books() {
        BooksSetUp now = journal.current();
        return new BooksView(
                new BooksEntry(
                        now.version(),
                        now.closedInvoice(),
                        Optional.ofNullable(now.closedThrough()),
                        setting.rules().stream()
                                .map(each -> new RuleEntry(
                                        each.carrier(),
                                        each.site(),
                                        each.customer(),
                                        Optional.ofNullable(each.terms()),
                                        each.expenseAccount(),
                                        each.liabilityAccount()))
                                .toList()),
                journal.usual().expenseAccount(),
                journal.usual().liabilityAccount(),
                sites.today(),
                Arrays.stream(ClosedInvoice.values())
                        .map(each -> new Choice(each.name(), each.words()))
                        .toList(),
                catalog.carriers().stream()
                        .map(each -> new Choice(each.code(), each.name()))
                        .toList(),
                sites.all().stream()
                        .map(each -> new Choice(each.code(), each.name()))
                        .toList(),
                Arrays.stream(FreightTerms.values())
                        .map(each -> new Choice(each.name(), each.words()))
                        .toList());
    }

    @PutMapping
    @ForTheBooks
    BooksView change(@RequestBody @Valid BooksEntry entry, Principal who) {
        setting.change(
                new BooksSetting.Change(
                        entry.version(),
                        entry.closedInvoice(),
                        entry.closedThrough(),
                        entry.rules().stream()
                                .map(each -> new AccountRules.Rule(
                                        each.carrier().strip(),
                                        each.site().strip(),
                                        each.customer().strip(),
                                        each.terms().orElse(null),
                                        each.expenseAccount().strip(),
                                        each.liabilityAccount().strip()))
                                .toList()),
                who.getName());
        return books();
    }

    /** What stands on each account in a period, first and last day included. */
    @GetMapping("/balance")
    @ForAllButPackers
    BalanceView balance(
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate from,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate until) {
        requirePeriod(from, until);
        List<AccountBalance> accounts = journal.balance(from, until);
        return new BalanceView(
                accounts.stream()
                        .map(each -> new AccountView(
                                each.account(), each.entries(), Amount.of(each.debit()), Amount.of(each.credit())))
                        .toList(),
                Amount.of(files.sum(accounts, AccountBalance::debit)),
                Amount.of(files.sum(accounts, AccountBalance::credit)));
    }

    /** The journal of a period as a file. */
    @GetMapping("/journal")
    @ForAllButPackers
    void journal(
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate from,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate until,
            @RequestParam JournalForm form,
            HttpServletResponse response)
            throws IOException {
        requirePeriod(from, until);
        boolean csv = form == JournalForm.CSV;
        response.setContentType(csv ? "text/csv; charset=utf-8" : "text/plain; charset=utf-8");
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                "attachment; filename=\"freight-" + from + "-" + until + (csv ? ".csv" : ".journal") + "\"");
        if (csv) {
            try (CsvText out = new CsvText(response.getOutputStream())) {
                files.writeCsv(from, until, out);
            }
        } else {
            try (Writer out = new OutputStreamWriter(response.getOutputStream(), StandardCharsets.UTF_8)) {
                files.writePlainText(from, until, out);
            }
        }
    }

    private static void requirePeriod(LocalDate from, LocalDate until) {
        if (until.isBefore(from) || from.isBefore(Limits.FIRST_DAY) || until.isAfter(Limits.LAST_DAY)) {
            throw Refusal.unusable(
                    "The period",
                    from + " to " + until + " is none.",
                    "Choose a first day and one that is not before it.");
        }
    }
}
