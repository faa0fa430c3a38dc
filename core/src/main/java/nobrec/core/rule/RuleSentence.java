package nobrec.core.rule;

import java.util.List;
import java.util.stream.Collectors;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.notation.DayWords;
import nobrec.core.notation.MeasureText;
import nobrec.core.notation.MoneyText;
import nobrec.core.rule.Condition.Has;
import nobrec.core.workorder.RuleAct;

/** House rules read back in plain words. */
public final class RuleSentence {

    private final UnitSystem units;

    public RuleSentence(UnitSystem units) {
        this.units = units;
    }

    /** {@code When the ship-to state is AK or HI: hold it, “Ask for a quote”.} */
    public String of(HouseRule rule) {
        String when = rule.when() instanceof Condition.All all && all.parts().isEmpty()
                ? "For every job"
                : "When " + words(rule.when(), false);
        return when + ": " + acts(rule.acts()) + "."
                + (rule.last() ? " No later rule is looked at then." : "")
                + rule.validFrom()
                        .map(day -> " From " + DayWords.withYear(day) + " on.")
                        .orElse("")
                + (rule.enabled() ? "" : " Switched off.");
    }

    /** What the acts do, one after the other. */
    public static String acts(List<RuleAct> acts) {
        return acts.stream().map(RuleSentence::act).collect(Collectors.joining("; "));
    }

    private String words(Condition condition, boolean inGroup) {
        if (condition instanceof Condition.All all) {
            return group(all.parts(), " and ", inGroup);
        }
        if (condition instanceof Condition.Any any) {
            return group(any.parts(), " or ", inGroup);
        }
        if (condition instanceof Condition.None none) {
            return "it is not so that " + group(none.parts(), " or ", true);
        }
        return test((Has) condition);
    }

    private String group(List<Condition> parts, String joint, boolean inGroup) {
        String joined = parts.stream().map(part -> words(part, true)).collect(Collectors.joining(joint));
        return inGroup && parts.size() > 1 ? "(" + joined + ")" : joined;
    }

    private String test(Has has) {
        FactTest test = has.test();
        if (has.fact().form() == Fact.Form.YES) {
            return "it says “" + has.fact().label() + "”";
        }
        String subject = subject(has);
        if (test instanceof FactTest.OneOf oneOf) {
            return subject + " is " + either(oneOf.written());
        }
        if (test instanceof FactTest.Contains contains) {
            return subject + " contains “" + contains.written() + "”";
        }
        if (test instanceof FactTest.StartsWith start) {
            return subject + " begins with “" + start.written() + "”";
        }
        if (test instanceof FactTest.Between between) {
            return subject + " is " + range(has.fact(), between);
        }
        return subject + " is known";
    }

    private static String subject(Has has) {
        String name = has.name().isEmpty() ? "" : " “" + has.name() + "”";
        return has.fact().of() == Fact.Of.JOB
                ? "the " + has.fact().label() + name
                : "a line’s " + has.fact().label() + name;
    }

    private static String either(List<String> texts) {
        int last = texts.size() - 1;
        return last == 0 ? texts.get(0) : String.join(", ", texts.subList(0, last)) + " or " + texts.get(last);
    }

    private String range(Fact fact, FactTest.Between between) {
        String from = between.from().map(figure -> figure(fact, figure)).orElse("");
        String until = between.until().map(figure -> figure(fact, figure)).orElse("");
        if (until.isEmpty()) {
            return "at least " + from;
        }
        return from.isEmpty() ? "at most " + until : "from " + from + " to " + until;
    }

    /** A figure of a fact with its unit. */
    String figure(Fact fact, long figure) {
        return switch (fact.form()) {
            case WEIGHT -> MeasureText.showPlain(new Weight(figure), units);
            case MONEY -> MoneyText.showCents(figure);
            default -> Long.toString(figure);
        };
    }

    private static String act(RuleAct act) {
        String value = act.value();
        return switch (act.kind()) {
            case SERVICE -> "ask for " + value + counts(act, "asks for none, or for one that may not go");
            case CARTON -> "pack in carton " + value + counts(act, "asks for none");
            case SITE -> "ship from site " + value + counts(act, "names none");
            case TERMS -> "freight terms: " + value;
            case ACCESSORIAL -> "with " + value;
            case HOLD -> "hold it, “" + value + "”";
            case SLIP_DESIGN -> "slip design “" + value + "”";
            case NOTE -> "tell whoever ships it “" + value + "”";
            case DEMAND_PHONE -> "demand a phone number";
            case DEMAND_COMPANY -> "demand a company";
            case DEMAND_PAYMENT -> "demand that its invoice is paid or released first";
            case DEMAND_CONTENTS_CHECK -> "demand that the contents are checked piece by piece";
        };
    }

    private static String counts(RuleAct act, String nothing) {
        return act.instead() ? ", whatever the record says" : ", where the record " + nothing;
    }
}
