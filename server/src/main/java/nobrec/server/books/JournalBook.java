package nobrec.server.books;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import nobrec.core.books.AccountRules;
import nobrec.core.books.FreightAccrual;
import nobrec.core.books.JournalEntry;
import nobrec.core.books.JournalEntry.Line;
import nobrec.core.books.JournalEntry.Side;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.outbox.Subject;
import org.joda.money.Money;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Our journal: what freight costs, accrued when its label is bought and taken back when it is void. */
@Service
public class JournalBook {

    private static final int LONGEST_TEXT = 500;

    /** So many entries are read at once. */
    private static final int PART = 1_000;

    /** What is set up; a closed period is over, so that who learns of it a second later books nothing into it. */
    private record Kept(BooksSetUp setUp, AccountRules rules) {}

    private final BooksMapper mapper;
    private final FreightAccrual usual;
    private final Remembered<Kept> kept;
    private final Clock clock;

    JournalBook(BooksMapper mapper, NobrecSettings settings, SetUpVersion version, Clock clock) {
        this.mapper = mapper;
        this.usual = new FreightAccrual(
                settings.accounts().freightExpense(), settings.accounts().freightLiability());
        this.kept = new Remembered<>(version, this::read);
        this.clock = clock;
    }

    private Kept read() {
        return new Kept(
                mapper.setUp().orElse(BooksSetUp.NONE),
                new AccountRules(
                        mapper.rules().stream().map(AccountRuleRow::rule).toList(), usual));
    }

    /** As it stands now. */
    BooksSetUp current() {
        return mapper.setUp().orElse(BooksSetUp.NONE);
    }

    public BooksSetUp setUp() {
        return kept.get().setUp();
    }

    FreightAccrual usual() {
        return usual;
    }

    /**
     * What is booked.
     *
     * @param subject what it hangs on, with its job's number
     */
    public record Freight(Subject subject, LocalDate day, String description, Money cost, AccountRules.Booked booked) {}

    /** In the transaction of what it is for. Where the day's period is closed it stands on the first day that is open, and says so. */
    @Transactional(propagation = Propagation.MANDATORY)
    public JournalEntry accrue(Freight freight) {
        AccountRules rules = kept.get().rules();
        LocalDate day = openDay(freight.day());
        JournalEntry entry = rules.accountsOf(freight.booked())
                .entry(day, text(freight.description(), freight.day(), day), freight.cost());
        mapper.insert(new JournalRow(
                0,
                day,
                entry.description(),
                account(entry, Side.DEBIT),
                account(entry, Side.CREDIT),
                freight.cost(),
                freight.subject().name(),
                freight.booked().customer(),
                freight.booked().carrier(),
                freight.subject().kind(),
                freight.subject().id(),
                null,
                clock.instant()));
        return entry;
    }

    private static String account(JournalEntry entry, Side side) {
        return entry.lines().stream()
                .filter(line -> line.side() == side)
                .map(Line::account)
                .findFirst()
                .orElseThrow();
    }

    private LocalDate openDay(LocalDate day) {
        return Optional.ofNullable(setUp().closedThrough())
                .filter(closed -> !day.isAfter(closed))
                .map(closed -> closed.plusDays(1))
                .orElse(day);
    }

    private static String text(String description, LocalDate day, LocalDate booked) {
        String late = day.equals(booked) ? "" : " (of " + day + ", whose period is closed)";
        return Shortened.to(LONGEST_TEXT, description + late);
    }

    /** What was accrued for a subject is taken back, the day it became void. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void takeBack(Subject.Kind kind, long subjectId, LocalDate day) {
        LocalDate open = openDay(day);
        mapper.standing(kind, subjectId).forEach(row -> mapper.insert(row.takenBack(open, clock.instant())));
    }

    List<AccountBalance> balance(LocalDate from, LocalDate until) {
        return mapper.balance(from, until);
    }

    /** All entries of a period, in the order of their days; however many there are, only some are held at once. */
    void each(LocalDate from, LocalDate until, Consumer<JournalRow> taker) {
        List<JournalRow> part = new ArrayList<>(mapper.part(from, until, from.minusDays(1), 0, PART));
        while (!part.isEmpty()) {
            part.forEach(taker);
            JournalRow last = part.get(part.size() - 1);
            part = mapper.part(from, until, last.bookedOn(), last.id(), PART);
        }
    }
}
