package nobrec.core.rule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import nobrec.core.measure.UnitSystem;
import nobrec.core.refusal.Refusal;
import nobrec.core.rule.WrittenRule.Kind;
import nobrec.core.rule.WrittenRule.TestKind;
import nobrec.core.rule.WrittenRule.WrittenCondition;
import nobrec.core.wordbook.WordKind;
import nobrec.core.workorder.RuleAct;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class RuleReaderTest {

    private static final RuleAct NOTE = new RuleAct(RuleAct.Kind.NOTE, "n", false);
    private static final RuleReader READER = new RuleReader(
            (kind, word) -> kind == WordKind.SERVICE && word.equalsIgnoreCase("plover ground")
                    ? Optional.of("Plover Ground")
                    : Optional.empty(),
            Set.of("plain"),
            UnitSystem.POUND_INCH);

    private static WrittenRule rule(WrittenCondition when, RuleAct... acts) {
        return new WrittenRule("R", when, List.of(acts), false, true, Optional.empty());
    }

    @Test
    void isReadBackAsASentence() {
        WrittenRule written = new WrittenRule(
                "Islands",
                RandomRules.group(
                        Kind.ALL,
                        List.of(
                                RandomRules.group(
                                        Kind.ANY,
                                        List.of(
                                                RandomRules.text(Fact.STATE, TestKind.ONE_OF, "AK", " HI ", "PR"),
                                                RandomRules.text(Fact.COUNTRY, TestKind.ONE_OF, "Canada"))),
                                RandomRules.figure(Fact.WEIGHT, "150", "1000 kg"),
                                RandomRules.group(
                                        Kind.NONE, List.of(RandomRules.text(Fact.CUSTOM, TestKind.CONTAINS, "x"))))),
                List.of(
                        new RuleAct(RuleAct.Kind.SERVICE, "plover ground", false),
                        new RuleAct(RuleAct.Kind.TERMS, "Receiver Pays", false),
                        new RuleAct(RuleAct.Kind.HOLD, "Ask for a quote", false)),
                true,
                true,
                Optional.of(LocalDate.of(2026, 12, 1)));
        assertThat(new RuleSentence(UnitSystem.POUND_INCH).of(READER.read(1, written)))
                .isEqualTo(
                        "When (the ship-to state is AK, HI or PR or the ship-to country is CA) and the weight of all pieces"
                                + " is from 150 lb to 2204.62 lb and it is not so that the custom field “machine” contains “x”:"
                                + " ask for Plover Ground, where the record asks for none, or for one that may not go;"
                                + " freight terms: receiver pays; hold it, “Ask for a quote”."
                                + " No later rule is looked at then. From Dec 1, 2026 on.");
    }

    /** Any rule that can be read can be read back, and never twice the same for two rules that say something else. */
    @Test
    void everyRuleHasASentence() {
        RandomRules random = new RandomRules(new Random(7));
        for (int each = 0; each < 300; each++) {
            String sentence = new RuleSentence(UnitSystem.POUND_INCH)
                    .of(RandomRules.reader().read(1, random.rule()));
            assertThat(sentence).matches("(When|For every job).*: .+\\..*").doesNotContain("[", "Optional", "null");
        }
    }

    static Stream<Arguments> refused() {
        WrittenCondition always = RandomRules.group(Kind.ALL, List.of());
        WrittenCondition deep = IntStream.range(0, 7)
                .mapToObj(at -> always)
                .reduce(RandomRules.figure(Fact.LINES, "1", ""), (in, out) -> RandomRules.group(Kind.ALL, List.of(in)));
        return Stream.of(
                Arguments.of(rule(always), "It does nothing."),
                Arguments.of(rule(RandomRules.group(Kind.ANY, List.of()), NOTE), "A group in it is empty."),
                Arguments.of(rule(deep, NOTE), "It has more than 60 parts, or groups more than 5 deep."),
                Arguments.of(rule(RandomRules.figure(Fact.WEIGHT, "", ""), NOTE), "Neither bound is given."),
                Arguments.of(
                        rule(RandomRules.figure(Fact.WEIGHT, "3 lb", "1 kg"), NOTE), "“At least” is above “at most”."),
                Arguments.of(rule(RandomRules.figure(Fact.WEIGHT, "3 stn", ""), NOTE), "“stn” is no unit known here."),
                Arguments.of(rule(RandomRules.figure(Fact.PIECES, "1.5", ""), NOTE), "“1.5” is no whole number."),
                Arguments.of(
                        rule(RandomRules.figure(Fact.PIECES, "1e999999999", ""), NOTE),
                        "“1e999999999” is no whole number."),
                Arguments.of(
                        rule(RandomRules.text(Fact.STATE, TestKind.ONE_OF, " "), NOTE),
                        "There is nothing to compare it with."),
                Arguments.of(
                        rule(RandomRules.text(Fact.COUNTRY, TestKind.ONE_OF, "Atlantis"), NOTE),
                        "“Atlantis” is no country."),
                Arguments.of(
                        rule(RandomRules.text(Fact.PLACE_KIND, TestKind.ONE_OF, "castle"), NOTE), "“castle” is none."),
                Arguments.of(rule(RandomRules.text(Fact.WEIGHT, TestKind.ONE_OF, "3"), NOTE), "It is a figure."),
                Arguments.of(rule(RandomRules.figure(Fact.STATE, "1", ""), NOTE), "It is no figure to compare."),
                Arguments.of(
                        rule(always, new RuleAct(RuleAct.Kind.SERVICE, "Pigeon", false)),
                        "“Pigeon” is not known here."),
                Arguments.of(rule(always, new RuleAct(RuleAct.Kind.HOLD, " ", false)), "Nothing is said about it."),
                Arguments.of(
                        rule(always, new RuleAct(RuleAct.Kind.NOTE, "x".repeat(121), false)),
                        "It has more than 120 letters."));
    }

    @ParameterizedTest
    @MethodSource("refused")
    void whatCannotCountIsRefusedWithItsReason(WrittenRule written, String reason) {
        assertThatThrownBy(() -> READER.read(1, written))
                .isInstanceOf(Refusal.class)
                .hasMessage(reason);
    }
}
