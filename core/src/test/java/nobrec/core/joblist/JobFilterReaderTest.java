package nobrec.core.joblist;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.measure.UnitSystem;
import nobrec.core.notation.DecimalMark;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JobFilterReaderTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 12, 1);

    private static JobFilter read(Map<String, List<String>> words) {
        return JobFilterReader.read(words, UnitSystem.POUND_INCH, DecimalMark.POINT, TODAY);
    }

    private static JobFilter read(String name, String value) {
        return read(Map.of(name, List.of(value)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "customer|Fenwick|OneOf[fact=CUSTOMER, words=[Fenwick]]",
                "status|READY|OneOf[fact=STATUS, words=[READY]]",
                "held|yes|Is[fact=HELD, so=true]",
                "abroad|no|Is[fact=ABROAD, so=false]",
                "number|24|BeginsWith[beginning=24]",
                "number|WO-24*|BeginsWith[beginning=WO-24]",
                "number|2400..2480|Numbers[first=2400, last=2480]",
                "promised|2026-12-04|Days[fact=PROMISED, first=Optional[2026-12-04], last=Optional[2026-12-04]]",
                "promised|..yesterday|Days[fact=PROMISED, first=Optional.empty, last=Optional[2026-11-30]]",
                "shipped|12/1/2026..|Days[fact=SHIPPED, first=Optional[2026-12-01], last=Optional.empty]",
                "value|100..1,250.50|Amount[fact=VALUE, least=Optional[100], most=Optional[1250.50]]",
                "field.Shop order|A-7|FieldSays[name=Shop order, words=[A-7]]",
            })
    void isReadAsItIsMeant(String name, String value, String condition) {
        JobFilter filter = read(name, value);
        assertThat(filter.leftOut()).isEmpty();
        assertThat(filter.conditions()).hasSize(1);
        assertThat(filter.conditions().get(0)).hasToString(condition);
    }

    @Test
    void aWeightIsInAnyUnit() {
        JobFilter filter = read("weight", "1 kg..10 lb");
        JobCondition.Amount amount = (JobCondition.Amount) filter.conditions().get(0);
        assertThat(amount.least().orElseThrow()).isEqualByComparingTo("1000");
        assertThat(amount.most()).get().isEqualTo(new BigDecimal("4535.923700000000"));
    }

    @ParameterizedTest
    @CsvSource({
        "colour, red",
        "field, red",
        "held, perhaps",
        "promised, some day",
        "promised, 20226-12-04",
        "value, ..",
        "weight, heavy..",
        "sort, -colour",
    })
    void whatCannotBeReadIsLeftOutAndSaid(String name, String value) {
        JobFilter filter = read(name, value);
        assertThat(filter.conditions()).isEmpty();
        assertThat(filter.leftOut()).hasSize(1);
        assertThat(filter.sort()).isEqualTo(JobColumn.CAME_IN);
    }

    @Test
    void isSortedFromEitherEnd() {
        assertThat(read("sort", "-weight")).matches(each -> each.sort() == JobColumn.WEIGHT && each.descending());
        assertThat(read("sort", "weight")).matches(each -> !each.descending());
        assertThat(JobFilter.ALL).isEqualTo(read(Map.of()));
        assertThat(read("number", "24")).matches(each -> each.sort() == JobColumn.NUMBER && !each.descending());
    }

    @Test
    void thereIsALimitToEverything() {
        Map<String, List<String>> many = new LinkedHashMap<>();
        for (int field = 0; field < 25; field++) {
            many.put("field.F" + field, List.of("x"));
        }
        many.put("text", List.of("one two three four five six"));
        many.put("customer", List.of("x".repeat(121)));
        JobFilter filter = read(many);
        assertThat(filter.conditions()).hasSize(20);
        assertThat(filter.words()).containsExactly("one", "two", "three", "four", "five");
        assertThat(filter.leftOut()).hasSize(7);
    }

    @Test
    void emptyWordsAskForNothing() {
        Map<String, List<String>> words = new HashMap<>();
        words.put("customer", List.of(" "));
        words.put("text", List.of("  "));
        assertThat(read(words)).isEqualTo(JobFilter.ALL);
        assertThat(Optional.of(read(words).words())).contains(List.of());
    }
}
