package nobrec.core.telling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import nobrec.core.refusal.Refusal;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class TemplateTest {

    /** One pound is 0.45359237 kg exactly (agreement of 1959), so 3 lb are 1.36077711 kg. */
    private static final FactSheet SHEET = new FactSheet(
            Map.of(
                    TellingFact.JOB, "2417",
                    TellingFact.SERVICE, "Plover Ground",
                    TellingFact.TRACKING, "PV1\nPV2",
                    TellingFact.SHIP_DATE, "2026-12-01",
                    TellingFact.TOLD_AT, "2026-12-01T16:30:05-06:00",
                    TellingFact.COST, "18.42",
                    TellingFact.CUSTOMER_PO, "",
                    TellingFact.WEIGHT_OF_ALL, "10886216880000",
                    TellingFact.PACKAGES, "2"),
            Map.of("Heat number", "H-7"),
            List.of(Map.of(TellingFact.PACKAGE_NUMBER, "1")),
            List.of(Map.of(TellingFact.ITEM, "SK-2")));

    private static String written(String template) {
        return Template.read("Note", template, FactScope.SHIPMENT).write(SHEET, UnaryOperator.identity());
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', quoteCharacter = '~', textBlock = """
            Job {job} by {service}                    ; Job 2417 by Plover Ground
            { Ship   DATE | MM/dd/yyyy }              ; 12/01/2026
            {told at | MMM d, HH:mm}                  ; Dec 1, 16:30
            {ship date}                               ; 2026-12-01
            {tracking}                                ; PV1, PV2
            {tracking| / }                            ; PV1 / PV2
            {cost} or {cost | cents}                  ; 18.42 or 1842
            {weight}                                  ; 3
            {weight | kg}                             ; 1.361
            {service | upper}                         ; PLOVER GROUND
            {field: heat NUMBER}                      ; H-7
            {field: no such one}.                     ; .
            Sent[ for PO {customer PO}][ by {service}]; Sent by Plover Ground
            {customer PO or job}                      ; 2417
            {origin number or customer PO}.           ; .
            {{job}} [[x]]                             ; {job} [x]
            """)
    void writesWhatIsKnown(String template, String expected) {
        assertThat(written(template)).isEqualTo(expected);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{traking}",
                "{job",
                "job}",
                "[{job}",
                "{job]}",
                "{ship date | bbbb}",
                "{weight | stone}",
                "{cost | euros}",
                "{packages | 3}",
                "{item}",
                "[a [b]]",
                "{}"
            })
    void refusesWhatItCannotWrite(String template) {
        assertThatThrownBy(() -> written(template)).isInstanceOf(Refusal.class).hasMessageNotContaining("null");
    }

    @ParameterizedTest
    @EnumSource(TellingFact.class)
    void everyFactCanBeAskedForWhereItIsKnownAndIsNothingWhereItIsNot(TellingFact fact) {
        Template template = Template.read("Note", "<{" + fact.word() + "}>", fact.scope());
        FactSheet nothing = new FactSheet(Map.of(), Map.of(), List.of(), List.of());
        assertThat(template.write(nothing, UnaryOperator.identity())).isEqualTo("<>");
        assertThat(fact.word()).doesNotContain(" or ").doesNotContain("|");
    }
}
