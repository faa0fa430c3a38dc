package nobrec.core.customs;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nobrec.core.address.Countries;
import nobrec.core.notation.DayWords;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/**
 * On what terms goods are declared: what the job says, else the shop's usual.
 *
 * @param currency three letters, in which values are declared
 * @param rate what it costs; empty for the shop's own currency, and where nobody has said it
 */
public record DeclaredTerms(
        Incoterm incoterm,
        ExportReason reason,
        DutyPayer dutyPayer,
        String currency,
        CurrencyUnit ours,
        Optional<ExchangeRate> rate) {

    private static final int CENT_PLACES = 2;

    /** What the shop declares where a job says nothing else. */
    public record Usual(Incoterm incoterm, ExportReason reason) {
        public static final Usual AT_FIRST = new Usual(Incoterm.DAP, ExportReason.SALE);
    }

    /** @param rate of the currency that the job names */
    public static DeclaredTerms of(ExportDetails details, Usual usual, CurrencyUnit ours, Optional<ExchangeRate> rate) {
        Incoterm incoterm = details.incoterm().orElse(usual.incoterm());
        return new DeclaredTerms(
                incoterm,
                details.reason().orElse(usual.reason()),
                details.dutyPayer().orElse(incoterm.dutyPayer()),
                details.currency().isEmpty() ? ours.getCode() : details.currency(),
                ours,
                rate);
    }

    private boolean isOurCurrency() {
        return currency.equals(ours.getCode());
    }

    /** Cents of the shop's currency as they are declared; in that currency where there is no rate for the other. */
    public Money declared(long cents) {
        BigDecimal amount = BigDecimal.valueOf(cents, CENT_PLACES);
        return rate.filter(each -> !isOurCurrency())
                .map(each -> each.convert(amount))
                .orElseGet(() -> Money.of(ours, amount));
    }

    public List<CustomsProblem> problems(LocalDate today) {
        List<CustomsProblem> problems = new ArrayList<>();
        if (incoterm.dutyPayer() == DutyPayer.SENDER && dutyPayer == DutyPayer.RECEIVER
                || incoterm.dutyPayer() != DutyPayer.SENDER && dutyPayer == DutyPayer.SENDER) {
            problems.add(CustomsProblem.stop(
                    CustomsFact.DUTY_PAYER,
                    "who pays duty",
                    incoterm + " means that the " + incoterm.dutyPayer().words() + " pays duty, and the job says the "
                            + dutyPayer.words() + ".",
                    "Change one of the two."));
        }
        if (!isOurCurrency()) {
            currency(today).ifPresent(problems::add);
        }
        return problems;
    }

    private Optional<CustomsProblem> currency(LocalDate today) {
        if (rate.isEmpty()) {
            return Optional.of(CustomsProblem.stop(
                    CustomsFact.CURRENCY,
                    "the rate of " + currency,
                    "Nobody has said what one " + currency + " costs in " + ours.getCode() + ".",
                    "Add its rate in Abroad, or declare in " + ours.getCode() + "."));
        }
        ExchangeRate known = rate.get();
        return known.isOldOn(today)
                ? Optional.of(CustomsProblem.caution(
                        CustomsFact.CURRENCY,
                        "a newer rate of " + currency,
                        "The rate of " + currency + " is of " + DayWords.withYear(known.day()) + ".",
                        "Add a newer one in Abroad."))
                : Optional.empty();
    }

    /** What a price abroad does not hold. */
    public String notInPrices(String country) {
        String there = Countries.nameOf(country);
        return switch (dutyPayer) {
            case RECEIVER ->
                "Duty and tax in " + there + " are not in these prices: the receiver pays them (" + incoterm + ").";
            case SENDER ->
                "Duty and tax in " + there + " are not in these prices: the carrier bills them to us afterwards ("
                        + incoterm + ").";
            case THIRD_PARTY ->
                "Duty and tax in " + there + " are not in these prices: a third party pays them (" + incoterm + ").";
        };
    }
}
