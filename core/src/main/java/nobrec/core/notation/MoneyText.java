package nobrec.core.notation;

import java.math.BigDecimal;
import nobrec.core.limit.Limits;
import nobrec.core.notation.Reading.Read;

/** Amounts of money in the shop's currency as they are written: {@code 45.00}, {@code $1,250}. */
public final class MoneyText {

    private static final String REMEDY = "Write it like 1250.00.";
    private static final int CENT_PLACES = 2;

    private MoneyText() {}

    /** Cents; never negative. */
    public static Reading<Long> readCents(String text, DecimalMark mark) {
        String plain = text.strip();
        if (plain.startsWith("$")) {
            plain = plain.substring(1).strip();
        }
        Reading<BigDecimal> figure = FigureText.read(plain, mark);
        if (!(figure instanceof Read<BigDecimal> read)) {
            return Reading.refusedLike(figure, Quoted.of(text) + " is no amount of money.", REMEDY);
        }
        BigDecimal amount = read.value().stripTrailingZeros();
        if (amount.scale() > CENT_PLACES) {
            return Reading.refused(Quoted.of(text) + " has parts of a cent.", REMEDY);
        }
        BigDecimal cents = amount.movePointRight(CENT_PLACES);
        return cents.compareTo(BigDecimal.valueOf(Limits.CENTS)) > 0
                ? Reading.refused(Quoted.of(text) + " is more than 9,999,999.99.", "Check the figure.")
                : Reading.of(cents.longValueExact());
    }

    /** Cents as an amount with two places: {@code 18.42}. */
    public static String showCents(long cents) {
        return BigDecimal.valueOf(cents, CENT_PLACES).toPlainString();
    }
}
