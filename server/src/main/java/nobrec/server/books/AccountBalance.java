package nobrec.server.books;

import org.joda.money.Money;

/** What stands on an account in a period. */
public record AccountBalance(String account, int entries, Money debit, Money credit) {}
