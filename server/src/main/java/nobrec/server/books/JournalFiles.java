package nobrec.server.books;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import nobrec.core.books.PlainTextJournal;
import nobrec.server.platform.csv.CsvText;
import nobrec.server.platform.money.ShopMoney;
import org.joda.money.Money;
import org.springframework.stereotype.Component;

/** The journal as others read it. */
@Component
class JournalFiles {

    private final JournalBook journal;
    private final ShopMoney money;

    JournalFiles(JournalBook journal, ShopMoney money) {
        this.journal = journal;
        this.money = money;
    }

    Money sum(List<AccountBalance> accounts, Function<AccountBalance, Money> side) {
        return accounts.stream().map(side).reduce(money.zero(), Money::plus);
    }

    void writePlainText(LocalDate from, LocalDate until, Writer out) throws IOException {
        List<String> accounts = journal.balance(from, until).stream()
                .map(AccountBalance::account)
                .toList();
        out.write(PlainTextJournal.head(accounts, money.currency().getCode()));
        try {
            journal.each(
                    from,
                    until,
                    row -> write(
                            out,
                            PlainTextJournal.entry(
                                    row.id(),
                                    row.entry(),
                                    Map.of("job", row.job(), "customer", row.customer(), "carrier", row.carrier()))));
        } catch (UncheckedIOException gone) {
            throw gone.getCause();
        }
    }

    private static void write(Writer out, String text) {
        try {
            out.write(text);
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    /** A line for each account of an entry; RFC 4180. */
    void writeCsv(LocalDate from, LocalDate until, CsvText csv) {
        csv.row(List.of(
                "Entry", "Day", "Text", "Account", "Debit", "Credit", "Currency", "Job", "Customer", "Carrier"));
        journal.each(from, until, row -> {
            String amount = ShopMoney.show(row.amount());
            csv.row(line(row, row.debitAccount(), amount, ""));
            csv.row(line(row, row.creditAccount(), "", amount));
        });
    }

    private static List<String> line(JournalRow row, String account, String debit, String credit) {
        return List.of(
                Long.toString(row.id()),
                row.bookedOn().toString(),
                row.description(),
                account,
                debit,
                credit,
                row.amount().getCurrencyUnit().getCode(),
                row.job(),
                row.customer(),
                row.carrier());
    }
}
