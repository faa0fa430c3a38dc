package nobrec.core.customs;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.item.LineGoods;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CustomsValuesTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 12, 1);
    private static final CurrencyUnit USD = CurrencyUnit.USD;

    /** Headings: WCO Harmonized System 2022, from memory. */
    @ParameterizedTest
    @CsvSource({"8412.21,8412.21", "848420,8484.20", "4016 93,4016.93", "8412.21.00-75,8412.21.0075", "0101.21,0101.21"
    })
    void anHsCodeIsReadInEveryNotation(String text, String shown) {
        assertThat(HarmonizedCode.read(text).found().map(HarmonizedCode::shown)).contains(shown);
    }

    @ParameterizedTest
    @ValueSource(strings = {"848", "84122", "84122100751", "8412.2x", "7701.10", "9801.00", "0001.10", "", "٨٤١٢٢١"})
    void whatIsNoHsCodeIsRefused(String text) {
        assertThat(HarmonizedCode.read(text).found()).isEmpty();
    }

    private static List<CustomsProblem> check(
            String description, String code, String origin, Long cents, String pounds) {
        return GoodsCheck.of(
                "SK-2",
                description,
                new LineGoods(Optional.ofNullable(cents), code, origin, Optional.empty(), Optional.empty(), ""),
                Optional.ofNullable(pounds).map(each -> Weight.of(each, WeightUnit.POUND)));
    }

    @Test
    void goodsThatAreSaidInFullHaveNoProblem() {
        assertThat(check("Seal kit, rubber", "8484.20", "us", 2600L, "0.3")).isEmpty();
        assertThat(check("Seal kit, rubber", "8484.20", "Germany", 1L, "0.0001"))
                .isEmpty();
    }

    @Test
    void whatIsMissingAndWhatCannotBeStopsEachByItself() {
        assertThat(check("", "", "", null, null))
                .allMatch(CustomsProblem::stops)
                .extracting(CustomsProblem::fact)
                .containsExactly(
                        CustomsFact.DESCRIPTION,
                        CustomsFact.HS_CODE,
                        CustomsFact.ORIGIN,
                        CustomsFact.VALUE,
                        CustomsFact.NET_WEIGHT);
        assertThat(check("Seal kit", "848", "Narnia", 0L, "0"))
                .extracting(CustomsProblem::reason)
                .containsExactly(
                        "SK-2: “848” is no HS code: it has 3 digits.",
                        "SK-2 is said to come from “Narnia”, and there is no such country.",
                        "SK-2 is declared as worth nothing.",
                        "Customs wants the net weight of one piece of SK-2, and its record does not say it.");
    }

    @ParameterizedTest
    @ValueSource(strings = {"Parts", " samples ", "GIFT"})
    void aDescriptionThatSaysNothingIsPointedOut(String description) {
        assertThat(check(description, "8484.20", "US", 100L, "1"))
                .singleElement()
                .matches(problem -> !problem.stops() && problem.fact() == CustomsFact.DESCRIPTION);
    }

    private static ExchangeRate rate(String currency, String rate, LocalDate day) {
        return new ExchangeRate(currency, day, new BigDecimal(rate));
    }

    @Test
    void theFormFollowsTheValueUpToThreeHundredSpecialDrawingRights() {
        Optional<ExchangeRate> sdr = Optional.of(rate(ExchangeRate.SDR, "1.3331", TODAY));
        assertThat(DeclarationForm.of(Money.parse("USD 399.93"), sdr).form()).isEqualTo(DeclarationForm.CN_22);
        assertThat(DeclarationForm.of(Money.parse("USD 399.94"), sdr).form()).isEqualTo(DeclarationForm.CN_23);
        assertThat(DeclarationForm.of(Money.parse("USD 1.00"), Optional.empty()).form())
                .isEqualTo(DeclarationForm.CN_23);
        assertThat(DeclarationForm.of(Money.parse("USD 399.94"), sdr).reason())
                .isEqualTo("USD 399.94 is above USD 399.93, 300 SDR as of Dec 1, 2026.");
    }

    private static DeclaredTerms terms(ExportDetails details, ExchangeRate rate) {
        return DeclaredTerms.of(details, DeclaredTerms.Usual.AT_FIRST, USD, Optional.ofNullable(rate));
    }

    private static ExportDetails details(Incoterm incoterm, DutyPayer payer, String currency) {
        return new ExportDetails(
                Optional.ofNullable(incoterm),
                Optional.empty(),
                Optional.ofNullable(payer),
                currency,
                Optional.empty());
    }

    @Test
    void whoPaysDutyFollowsTheIncotermUnlessItIsSaid() {
        assertThat(terms(ExportDetails.NONE, null).dutyPayer()).isEqualTo(DutyPayer.RECEIVER);
        assertThat(terms(details(Incoterm.DDP, null, ""), null).dutyPayer()).isEqualTo(DutyPayer.SENDER);
        assertThat(terms(details(Incoterm.DDP, DutyPayer.RECEIVER, ""), null).problems(TODAY))
                .hasSize(1);
        assertThat(terms(details(Incoterm.DAP, DutyPayer.SENDER, ""), null).problems(TODAY))
                .hasSize(1);
        assertThat(terms(details(Incoterm.DAP, DutyPayer.THIRD_PARTY, ""), null).problems(TODAY))
                .isEmpty();
        assertThat(terms(details(Incoterm.DDP, null, ""), null).notInPrices("CA"))
                .isEqualTo(
                        "Duty and tax in Canada are not in these prices: the carrier bills them to us afterwards (DDP).");
    }

    @Test
    void aCurrencyNeedsARateThatIsNotOld() {
        ExportDetails euro = details(null, null, "EUR");
        assertThat(terms(euro, null).problems(TODAY)).singleElement().matches(CustomsProblem::stops);
        assertThat(terms(euro, rate("EUR", "1.08", TODAY.minusDays(31))).problems(TODAY))
                .isEmpty();
        assertThat(terms(euro, rate("EUR", "1.08", TODAY.minusDays(32))).problems(TODAY))
                .singleElement()
                .matches(problem -> !problem.stops());
        assertThat(terms(details(null, null, "USD"), null).problems(TODAY)).isEmpty();
    }

    /** 26.00 / 1.08 = 24.074..., 26.00 / 0.0067 = 3,880.597... */
    @Test
    void aValueIsConvertedToTheLeastUnitOfItsCurrency() {
        assertThat(terms(details(null, null, "EUR"), rate("EUR", "1.08", TODAY)).declared(2600))
                .isEqualTo(Money.parse("EUR 24.07"));
        assertThat(terms(details(null, null, "JPY"), rate("JPY", "0.0067", TODAY))
                        .declared(2600))
                .isEqualTo(Money.parse("JPY 3881"));
    }

    @ParameterizedTest
    @CsvSource({"DAP,DAP", "dap Hamburg,DAP", "'DDP, Incoterms 2020',DDP", "Free carrier,FCA"})
    void anIncotermIsReadWithItsPlace(String text, Incoterm incoterm) {
        assertThat(Incoterm.read(text)).contains(incoterm);
    }
}
