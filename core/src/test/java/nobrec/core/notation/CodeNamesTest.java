package nobrec.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.stream.Stream;
import nobrec.core.ratesheet.SurchargeCondition;
import nobrec.core.rating.ChargeBasis;
import nobrec.core.service.Objection;
import org.junit.jupiter.api.Test;

/** Programs go by these: a class may be renamed only with its code kept. */
class CodeNamesTest {

    private static Stream<String> codes(Class<?> sealed) {
        return Arrays.stream(sealed.getPermittedSubclasses()).map(CodeName::of).sorted();
    }

    @Test
    void theNamesStay() {
        assertThat(codes(Objection.class))
                .containsExactly(
                        "ACCESSORIAL_NOT_OFFERED",
                        "BEYOND_RATE_SHEET",
                        "CLASS_NOT_ON_SHEET",
                        "COMPANY_MISSING",
                        "COUNTRY_NOT_SERVED",
                        "CUSTOMS_DATA_MISSING",
                        "FUEL_UNKNOWN",
                        "GOODS_EXCLUDED",
                        "KIND_NOT_ACCEPTED",
                        "NOT_COMPUTED",
                        "NO_PICKUP",
                        "NO_QUOTE",
                        "NO_RATE_SHEET",
                        "NO_WEIGHT",
                        "OTHER_CURRENCY",
                        "PHONE_MISSING",
                        "PLACE_NOT_SERVED",
                        "RATE_SHEET_UNUSABLE",
                        "SUPPLY_NOT_ACCEPTED",
                        "TOO_BULKY",
                        "TOO_HEAVY",
                        "TOO_HEAVY_ALTOGETHER",
                        "TOO_LONG",
                        "ZONE_NOT_SERVED");
        assertThat(codes(ChargeBasis.class))
                .containsExactly(
                        "BASE_RATE",
                        "CARRIER_QUOTE",
                        "DEFICIT",
                        "DISCOUNT",
                        "FREIGHT_RATE",
                        "FUEL",
                        "MINIMUM",
                        "SURCHARGE_BASIS");
        assertThat(codes(SurchargeCondition.class))
                .containsExactly(
                        "ABROAD",
                        "ALWAYS",
                        "DECLARED_ABOVE",
                        "GOODS",
                        "NOT_A_BOX",
                        "REMOTE_AREA",
                        "REQUESTED",
                        "RESIDENCE",
                        "SIDE_ABOVE",
                        "WEIGHT_ABOVE");
    }
}
