package nobrec.core.rule;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nobrec.core.measure.UnitSystem;
import nobrec.core.rule.Condition.Has;
import nobrec.core.wordbook.KnownWords;

/** Why a rule acted on a work order: what the work order says that met its condition. */
final class RuleReasons {

    private static final int VALUES_SAID = 3;

    private final JobFacts facts;
    private final RuleSentence sentence;

    RuleReasons(JobFacts facts, UnitSystem units) {
        this.facts = facts;
        this.sentence = new RuleSentence(units);
    }

    /** {@code Ship-to state AK, weight of all pieces 162 lb.} */
    String of(Condition condition) {
        List<String> met = condition.passedBy(facts).map(this::met).distinct().toList();
        if (!met.isEmpty()) {
            String all = String.join(", ", met);
            return all.substring(0, 1).toUpperCase(Locale.ROOT) + all.substring(1) + ".";
        }
        return condition.tests().findAny().isPresent() ? "None of its exceptions holds." : "It counts for every job.";
    }

    private String met(Has has) {
        String label = has.fact().label() + (has.name().isEmpty() ? "" : " “" + has.name() + "”");
        if (has.fact().form() == Fact.Form.YES) {
            return label;
        }
        return label + " " + values(has).distinct().limit(VALUES_SAID).collect(Collectors.joining(" and "));
    }

    private Stream<String> values(Has has) {
        return has.fact().form().isFigure()
                ? facts.figures(has.fact()).stream()
                        .filter(has.test()::passes)
                        .map(figure -> sentence.figure(has.fact(), figure))
                : facts.written(has.fact(), has.name()).stream()
                        .filter(text -> has.test().passes(KnownWords.plain(text)));
    }
}
