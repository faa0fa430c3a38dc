package nobrec.server.books;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import nobrec.core.books.JournalEntry;
import nobrec.core.books.JournalEntry.Line;
import nobrec.core.books.JournalEntry.Side;
import nobrec.server.platform.outbox.Subject;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/**
 * A row of table journal_entry.
 *
 * @param reverses id of the entry that it takes back; null where it takes none back
 */
record JournalRow(
        long id,
        LocalDate bookedOn,
        String description,
        String debitAccount,
        String creditAccount,
        Money amount,
        String job,
        String customer,
        String carrier,
        Subject.Kind subjectKind,
        long subjectId,
        @Nullable Long reverses,
        Instant madeAt) {

    JournalEntry entry() {
        return new JournalEntry(
                bookedOn,
                description,
                List.of(new Line(debitAccount, Side.DEBIT, amount), new Line(creditAccount, Side.CREDIT, amount)));
    }

    JournalRow takenBack(LocalDate day, Instant now) {
        return new JournalRow(
                0,
                day,
                "Void: " + description,
                creditAccount,
                debitAccount,
                amount,
                job,
                customer,
                carrier,
                subjectKind,
                subjectId,
                id,
                now);
    }
}
