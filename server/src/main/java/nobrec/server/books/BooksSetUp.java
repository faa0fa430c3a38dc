package nobrec.server.books;

import java.time.LocalDate;
import nobrec.core.books.ClosedInvoice;
import org.jspecify.annotations.Nullable;

/**
 * How the shop keeps its books. The row of table books_set_up.
 *
 * @param version zero while nothing was set up
 * @param closedThrough last day on which nothing is booked any more; null where no period is closed
 */
public record BooksSetUp(
        int version, ClosedInvoice closedInvoice, @Nullable LocalDate closedThrough) {

    static final BooksSetUp NONE = new BooksSetUp(0, ClosedInvoice.CREDIT, null);
}
