package nobrec.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import nobrec.core.measure.UnitSystem;
import nobrec.core.workorder.RuleAct;
import nobrec.core.workorder.Ruling;
import nobrec.core.workorder.WorkOrder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What house rules say of jobs, against an evaluator that reads the written rules word by word. */
class RuleBookTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 12, 1);
    private static final int RULES = 12;
    private static final int JOBS = 40;

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 5, 8, 13, 21, 34, 55, 89, 144, 233, 377, 610, 987})
    void saysWhatTheWrittenRulesSay(long seed) {
        RandomRules random = new RandomRules(new Random(seed));
        List<WrittenRule> written =
                IntStream.range(0, RULES).mapToObj(at -> random.rule()).toList();
        RuleBook book = new RuleBook(read(written), UnitSystem.POUND_INCH);
        for (int each = 0; each < JOBS; each++) {
            WorkOrder job = random.job();
            assertThat(book.of(job, TODAY).acted().stream()
                            .map(acted -> acted.ruleId() + " " + acted.acts())
                            .toList())
                    .describedAs("%s by %s", job, written)
                    .isEqualTo(NaiveRules.acted(written, job, TODAY));
        }
    }

    /** The comparison above is worth something only where rules act, and do not. */
    @Test
    void randomRulesActOnSomeJobsAndNotOnOthers() {
        RandomRules random = new RandomRules(new Random(4));
        List<WrittenRule> written =
                IntStream.range(0, 200).mapToObj(at -> random.rule()).toList();
        List<WorkOrder> jobs =
                IntStream.range(0, 50).mapToObj(at -> random.job()).toList();
        List<Integer> acted = new ArrayList<>();
        for (WrittenRule rule : written) {
            acted.add((int) jobs.stream()
                    .filter(job -> !NaiveRules.acted(List.of(rule), job, TODAY).isEmpty())
                    .count());
        }
        assertThat(acted.stream().filter(count -> count > 0 && count < 50).count())
                .isGreaterThan(60);
    }

    private static List<HouseRule> read(List<WrittenRule> written) {
        RuleReader reader = RandomRules.reader();
        return IntStream.range(0, written.size())
                .mapToObj(at -> reader.read(at + 1, written.get(at)))
                .toList();
    }

    @Test
    void theFirstDecidesWhatOnlyOneCanAndTheRestAddsUp() {
        WorkOrder job = new RandomRules(new Random(1)).job();
        List<HouseRule> rules = read(List.of(
                RandomRules.always(
                        "First",
                        act(RuleAct.Kind.SERVICE, "Plover Ground", false),
                        act(RuleAct.Kind.NOTE, "one", false)),
                RandomRules.always(
                        "Second",
                        act(RuleAct.Kind.SERVICE, "Dunlin Overnight", true),
                        act(RuleAct.Kind.NOTE, "two", false))));
        Ruling ruling = new RuleBook(rules, UnitSystem.POUND_INCH).of(job, TODAY);
        assertThat(ruling.the(RuleAct.Kind.SERVICE).map(RuleAct::value)).contains("Plover Ground");
        assertThat(ruling.values(RuleAct.Kind.NOTE)).containsExactly("one", "two");
        assertThat(ruling.acted().get(1).why()).isEqualTo("It counts for every job.");
    }

    @Test
    void aReleasedHoldStaysReleasedAndTheRuleDoesTheRest() {
        WorkOrder job = new RandomRules(new Random(1)).job();
        Ruling ruling = new RuleBook(
                        read(List.of(RandomRules.always(
                                "Look",
                                act(RuleAct.Kind.HOLD, "ask Ines", false),
                                act(RuleAct.Kind.NOTE, "n", false)))),
                        UnitSystem.POUND_INCH)
                .of(job, TODAY);
        assertThat(ruling.holdingRules()).containsExactly(1L);
        Ruling released = ruling.withoutHoldsOf(java.util.Set.of(1L));
        assertThat(released.holdingRules()).isEmpty();
        assertThat(released.values(RuleAct.Kind.NOTE)).containsExactly("n");
    }

    @Test
    void anotherDayMattersToWhatBeginsThenAndToWhatCountsDays() {
        WrittenRule plain = RandomRules.always("Plain", act(RuleAct.Kind.NOTE, "n", false));
        WrittenRule later =
                new WrittenRule("Later", plain.when(), plain.acts(), false, true, Optional.of(TODAY.plusDays(1)));
        assertThat(changes(plain)).isFalse();
        assertThat(changes(later)).isTrue();
        assertThat(changes(new WrittenRule(
                        "Days",
                        RandomRules.figure(Fact.DAYS_TO_PROMISE, "", "2"),
                        plain.acts(),
                        false,
                        true,
                        Optional.empty())))
                .isTrue();
    }

    private static boolean changes(WrittenRule rule) {
        return new RuleBook(read(List.of(rule)), UnitSystem.POUND_INCH).changesBetween(TODAY, TODAY.plusDays(1));
    }

    private static RuleAct act(RuleAct.Kind kind, String value, boolean instead) {
        return new RuleAct(kind, value, instead);
    }
}
