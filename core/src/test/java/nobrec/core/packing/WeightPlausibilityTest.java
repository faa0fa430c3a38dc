package nobrec.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.item.Handling;
import nobrec.core.item.PackItem;
import nobrec.core.measure.UnitSystem;
import nobrec.core.packing.WeightPlausibility.Explanation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WeightPlausibilityTest {

    private static final List<PackItem> CONTENTS = List.of(item(1, 6, "0.3"), item(2, 4, "1.1"));

    private static PackItem item(long key, int quantity, String weight) {
        return new PackItem(
                key,
                "Item " + key,
                quantity,
                Optional.of(DemoStock.weight(weight)),
                Optional.empty(),
                Handling.ANY,
                List.of());
    }

    private static WeightPlausibility of(String measured) {
        return WeightPlausibility.of(CONTENTS, DemoStock.weight("0.35"), DemoStock.weight(measured));
    }

    /** Contents 6.2 lb, carton 0.35: 6.55. Spread: 2 % of 1.8 and 4.4, 15 % of 0.35, scale 0.05, filling 0.12; together 0.169 lb. */
    @ParameterizedTest
    @CsvSource({"6.55,true", "6.44,true", "6.66,true", "6.40,true", "6.37,false", "6.73,false"})
    void agreesWithinTheSpread(String measured, boolean agrees) {
        assertThat(of(measured).agrees()).isEqualTo(agrees);
    }

    @Test
    void saysWhichPieceIsMissingOrTooMany() {
        assertThat(of("5.45").explanations()).first().isEqualTo(new Explanation(2, 1, true));
        assertThat(of("6.85").explanations()).first().isEqualTo(new Explanation(1, 1, false));
        assertThat(of("5.45").sentence(Map.of(1L, "SK-2", 2L, "BU-200"), UnitSystem.POUND_INCH))
                .startsWith("weighs 1.10 lb less than contents and carton should, 6.55 lb within 0.17 lb.")
                .contains("1 × BU-200")
                .endsWith("missing would explain it.");
    }

    @Test
    void noMoreCanBeMissingThanThereWere() {
        assertThat(of("0.4").explanations()).isEmpty();
        assertThat(of("0.4").sentence(Map.of(), UnitSystem.POUND_INCH)).endsWith("No single item explains it.");
    }
}
