package nobrec.core.books;

import java.util.Collection;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import nobrec.core.books.JournalEntry.Side;

/**
 * A journal as plain-text accounting reads it: an entry is a line with its day, number and text, and a line for each account with its
 * amount, debits above zero. Accounts and currency are declared, so that a strict reader takes it.
 */
public final class PlainTextJournal {

    private static final String NEW_LINE = "\n";

    private PlainTextJournal() {}

    /** What stands above the entries. */
    public static String head(Collection<String> accounts, String currency) {
        StringBuilder text = new StringBuilder(
                        "; Freight as Nobrec has booked it. Debits are above zero, credits below.")
                .append(NEW_LINE)
                .append("commodity 1000.00 ")
                .append(currency)
                .append(NEW_LINE);
        accounts.stream()
                .map(PlainTextJournal::account)
                .distinct()
                .sorted()
                .forEach(each -> text.append("account ").append(each).append(NEW_LINE));
        return text.append(NEW_LINE).toString();
    }

    /**
     * One entry.
     *
     * @param number under which it stands in our journal
     * @param tags what it belongs to, as job and customer
     */
    public static String entry(long number, JournalEntry entry, Map<String, String> tags) {
        StringBuilder text = new StringBuilder()
                .append(entry.date())
                .append(String.format(Locale.ROOT, " (%06d) ", number))
                .append(plain(entry.description()));
        new TreeMap<>(tags).forEach((name, value) -> {
            if (!value.isBlank()) {
                // A comma ends the value of a tag.
                text.append(NEW_LINE)
                        .append("    ; ")
                        .append(name)
                        .append(": ")
                        .append(plain(value).replace(',', ' '));
            }
        });
        for (JournalEntry.Line line : entry.lines()) {
            text.append(NEW_LINE)
                    .append("    ")
                    .append(account(line.account()))
                    .append("  ")
                    .append(line.side() == Side.CREDIT ? "-" : "")
                    .append(line.amount().getAmount().toPlainString())
                    .append(' ')
                    .append(line.amount().getCurrencyUnit().getCode());
        }
        return text.append(NEW_LINE).append(NEW_LINE).toString();
    }

    /** Two blanks end the name of an account, and some signs at its beginning would mean something else. */
    private static String account(String name) {
        String one = plain(name)
                .replaceAll("[\\[\\]()]", " ")
                .replaceAll("\\s+", " ")
                .strip();
        return one.replaceFirst("^[*!=~]+\\s*", "");
    }

    /** A semicolon begins a comment, a bar ends the name of a payee. */
    private static String plain(String text) {
        return text.replaceAll("[\\p{Cntrl}\\u2028\\u2029]+", " ")
                .replace(';', ',')
                .replace('|', '/')
                .strip();
    }
}
