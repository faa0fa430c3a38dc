package nobrec.core.rating;

import static nobrec.core.rating.Sheets.dollars;
import static nobrec.core.rating.Sheets.pounds;
import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import nobrec.core.address.PlaceKind;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What people read: each reason and each charge line names its figures with their units. */
class SentencesTest {

    static Stream<Arguments> objections() {
        return Stream.of(
                Arguments.of(
                        new Objection.TooHeavy(2, pounds("42.41"), pounds("20")),
                        "Package 2 of 42.41 lb is above the limit of 20 lb."),
                Arguments.of(
                        new Objection.TooLong(1, inches("43"), inches("18")),
                        "Package 1 is 43 in long; the limit is 18 in."),
                Arguments.of(
                        new Objection.TooBulky(1, inches("54.5"), inches("42")),
                        "Package 1 has a length plus girth of 54.5 in; the limit is 42 in."),
                Arguments.of(new Objection.PlaceNotServed(PlaceKind.PO_BOX), "It does not deliver to a PO box."),
                Arguments.of(new Objection.NoWeight(3), "Package 3 has no weight yet: weigh it or type its weight."),
                Arguments.of(new Objection.NoRateSheet(), "There is no rate sheet for this day."),
                Arguments.of(
                        new Objection.BeyondRateSheet(1, ounces("63"), ounces("1")),
                        "Package 1 is billed as 63 oz, beyond the rate sheet's last weight."));
    }

    @ParameterizedTest
    @MethodSource("objections")
    void anObjectionIsOneSentence(Objection objection, String sentence) {
        assertThat(objection.sentence(UnitSystem.POUND_INCH)).isEqualTo(sentence);
    }

    @Test
    void everyKindOfObjectionIsInTheTableAbove() {
        List<Class<?>> told =
                objections().<Class<?>>map(each -> each.get()[0].getClass()).toList();
        assertThat(told).containsExactlyInAnyOrder(Objection.class.getPermittedSubclasses());
    }

    @Test
    void theSameInKilogramsAndCentimetres() {
        assertThat(new Objection.TooLong(1, inches("43"), inches("18")).sentence(UnitSystem.KILOGRAM_CENTIMETRE))
                .isEqualTo("Package 1 is 109.2 cm long; the limit is 45.7 cm.");
        assertThat(new Objection.TooHeavy(1, pounds("42.41"), pounds("20")).sentence(UnitSystem.KILOGRAM_CENTIMETRE))
                .isEqualTo("Package 1 of 19.24 kg is above the limit of 9.07 kg.");
    }

    @Test
    void aBaseRateSaysWhetherItWasWeighed() {
        ChargeBasis expected = new ChargeBasis.BaseRate(
                new Zone(4, 386),
                new BillableWeight(pounds("4"), pounds("3")),
                pounds("3.75"),
                false,
                Size.of("10", "8", "6", LengthUnit.INCH),
                166,
                UnitSystem.POUND_INCH,
                pounds("1"));
        assertThat(expected.sentence(UnitSystem.POUND_INCH))
                .isEqualTo("Weight counts: not weighed yet, expected 3.75 lb → 4 lb, 10 × 8 × 6 in / 166 → 3 lb;"
                        + " billed 4 lb in zone 4 (386 miles).");
        assertThat(expected.title()).isEqualTo("Base rate");
    }

    @Test
    void surchargeAndFuelSayTheirRule() {
        assertThat(new ChargeBasis.ResidentialSurcharge().sentence(UnitSystem.POUND_INCH))
                .isEqualTo("The ship-to is a residence: a fixed amount for each package.");
        assertThat(new ChargeBasis.Fuel(new BigDecimal("16.50"), dollars("34.54")).sentence(UnitSystem.POUND_INCH))
                .isEqualTo("16.5 % of 34.54 (base rate and surcharges), to the nearest cent.");
    }

    private static Length inches(String amount) {
        return Length.of(amount, LengthUnit.INCH);
    }

    private static Weight ounces(String amount) {
        return Weight.of(amount, WeightUnit.OUNCE);
    }
}
