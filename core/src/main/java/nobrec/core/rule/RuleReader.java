package nobrec.core.rule;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nobrec.core.address.Countries;
import nobrec.core.address.PlaceKind;
import nobrec.core.charging.FreightTerms;
import nobrec.core.item.GoodsClass;
import nobrec.core.limit.Limits;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.notation.DecimalMark;
import nobrec.core.notation.MeasureText;
import nobrec.core.notation.MoneyText;
import nobrec.core.notation.Quoted;
import nobrec.core.notation.Reading;
import nobrec.core.refusal.Refusal;
import nobrec.core.rule.Condition.Has;
import nobrec.core.rule.WrittenRule.Kind;
import nobrec.core.rule.WrittenRule.TestKind;
import nobrec.core.rule.WrittenRule.WrittenCondition;
import nobrec.core.service.Accessorial;
import nobrec.core.wordbook.KnownWords;
import nobrec.core.wordbook.SourceWords;
import nobrec.core.wordbook.WordKind;
import nobrec.core.workorder.RuleAct;

/** Reads house rules as people write them; what cannot count is refused with its reason. */
public final class RuleReader {

    /** Groups within groups. */
    private static final int DEEPEST = 5;

    private final SourceWords words;
    private final Set<String> slipDesigns;
    private final UnitSystem units;

    /**
     * @param words services, cartons and sites that are known here
     * @param units of figures without one
     */
    public RuleReader(SourceWords words, Set<String> slipDesigns, UnitSystem units) {
        this.words = words;
        this.slipDesigns = Set.copyOf(slipDesigns);
        this.units = units;
    }

    /** @throws Refusal that names what of the rule cannot be read */
    public HouseRule read(long id, WrittenRule written) {
        String name = written.name().strip();
        if (name.isEmpty()) {
            throw Refusal.unusable("The rule", "It has no name.", "Give it one.");
        }
        if (written.acts().isEmpty()) {
            throw Refusal.unusable("Rule “" + name + "”", "It does nothing.", "Say what it is to do.");
        }
        if (written.acts().size() > Limits.ACTS_OF_RULE) {
            throw Refusal.unusable(
                    "Rule “" + name + "”", "It does more than " + Limits.ACTS_OF_RULE + " things.", "Make two of it.");
        }
        if (written.validFrom().filter(day -> !Limits.holdsDay(day)).isPresent()) {
            throw Refusal.unusable(
                    "Rule “" + name + "”", "It would begin to count in no year of ours.", "Check the day.");
        }
        return new HouseRule(
                id,
                name,
                condition(written.when()),
                written.acts().stream().map(this::act).toList(),
                written.last(),
                written.enabled(),
                written.validFrom());
    }

    /** @throws Refusal that names what of the condition cannot be read */
    public Condition condition(WrittenCondition written) {
        return condition(written, 0, new int[] {0});
    }

    private Condition condition(WrittenCondition written, int depth, int[] parts) {
        parts[0]++;
        if (depth > DEEPEST || parts[0] > Limits.PARTS_OF_CONDITION) {
            throw Refusal.unusable(
                    "The condition",
                    "It has more than " + Limits.PARTS_OF_CONDITION + " parts, or groups more than " + DEEPEST
                            + " deep.",
                    "Make two rules of it.");
        }
        if (written.kind() == Kind.FACT) {
            return test(written);
        }
        // without any part the outermost group holds for every job
        if (written.parts().isEmpty() && (depth > 0 || written.kind() != Kind.ALL)) {
            throw Refusal.unusable(
                    "The condition", "A group in it is empty.", "Put something into it, or take it away.");
        }
        List<Condition> read = new ArrayList<>();
        written.parts().forEach(part -> read.add(condition(part, depth + 1, parts)));
        return switch (written.kind()) {
            case ANY -> new Condition.Any(read);
            case NONE -> new Condition.None(read);
            default -> new Condition.All(read);
        };
    }

    private Has test(WrittenCondition written) {
        Fact fact = written.fact()
                .orElseThrow(
                        () -> Refusal.unusable("The condition", "A test names no fact.", "Choose what to look at."));
        TestKind kind =
                written.test().orElseThrow(() -> unusable(fact, "It is put to no test.", "Choose how it is compared."));
        String name = written.name().strip().toLowerCase(Locale.ROOT);
        if (fact.isCustom() == name.isEmpty()) {
            throw unusable(
                    fact,
                    fact.isCustom() ? "Its name is missing." : "It has no name of its own.",
                    fact.isCustom() ? "Write the custom field's name." : "Leave the name empty.");
        }
        return new Has(fact, name, fact.form().isFigure() ? figure(fact, kind, written) : text(fact, kind, written));
    }

    private FactTest figure(Fact fact, TestKind kind, WrittenCondition written) {
        if (kind == TestKind.KNOWN) {
            return new FactTest.Known();
        }
        if (kind != TestKind.BETWEEN) {
            throw unusable(fact, "It is a figure.", "Say from where to where.");
        }
        Optional<Long> from = bound(fact, written.from());
        Optional<Long> until = bound(fact, written.until());
        if (from.isEmpty() && until.isEmpty()) {
            throw unusable(fact, "Neither bound is given.", "Say at least, at most, or both.");
        }
        if (from.isPresent() && until.isPresent() && from.get() > until.get()) {
            throw unusable(fact, "“At least” is above “at most”.", "Change one of them.");
        }
        return new FactTest.Between(from, until);
    }

    private Optional<Long> bound(Fact fact, String written) {
        String text = written.strip();
        return text.isEmpty() ? Optional.empty() : Optional.of(figure(fact, text));
    }

    private long figure(Fact fact, String text) {
        Reading<Long> reading = switch (fact.form()) {
            case WEIGHT -> weight(text);
            case MONEY -> MoneyText.readCents(text, DecimalMark.POINT);
            default -> count(text);
        };
        if (reading instanceof Reading.Refused<Long> refused) {
            throw unusable(fact, refused.reason(), refused.remedy());
        }
        return reading.found().orElseThrow();
    }

    private Reading<Long> weight(String text) {
        Reading<Weight> reading = MeasureText.readWeight(text, units, DecimalMark.POINT);
        return reading.found()
                .map(weight -> Reading.of(weight.eighthNanograms()))
                .orElseGet(() ->
                        Reading.refusedLike(reading, Quoted.of(text) + " is no weight.", "Write it like 4.2 lb."));
    }

    /** Days until a promise may be fewer than none. */
    private static Reading<Long> count(String text) {
        try {
            return Reading.of(new BigDecimal(text).intValueExact() + 0L);
        } catch (NumberFormatException | ArithmeticException none) {
            return Reading.refused(Quoted.of(text) + " is no whole number.", "Write digits, like 12.");
        }
    }

    private FactTest text(Fact fact, TestKind kind, WrittenCondition written) {
        if (kind == TestKind.KNOWN) {
            return new FactTest.Known();
        }
        if (fact.form() == Fact.Form.YES || kind == TestKind.BETWEEN) {
            throw unusable(fact, "It is no figure to compare.", "Choose another way.");
        }
        List<String> texts = written.texts().stream()
                .map(String::strip)
                .filter(text -> !text.isEmpty())
                .map(text -> known(fact, kind, text))
                .distinct()
                .toList();
        if (texts.isEmpty()) {
            throw unusable(fact, "There is nothing to compare it with.", "Write one text, or several.");
        }
        if (kind == TestKind.ONE_OF) {
            return new FactTest.OneOf(texts, plain(texts));
        }
        if (texts.size() > 1) {
            throw unusable(fact, "It is compared with one text.", "Make a group “any of” with one test for each.");
        }
        String one = texts.get(0);
        return kind == TestKind.CONTAINS
                ? new FactTest.Contains(one, KnownWords.plain(one))
                : new FactTest.StartsWith(one, KnownWords.plain(one));
    }

    /** A text that can be met at all: of what has a list of its own, one of that list. */
    private static String known(Fact fact, TestKind kind, String text) {
        if (text.length() > Limits.TEXT) {
            throw unusable(fact, "A text has more than " + Limits.TEXT + " letters.", "Shorten it.");
        }
        if (kind != TestKind.ONE_OF) {
            return text;
        }
        return switch (fact.form()) {
            case COUNTRY ->
                Countries.read(text)
                        .orElseThrow(() -> unusable(
                                fact, Quoted.of(text) + " is no country.", "Write its name or its two letters."));
            case TERMS -> oneOf(fact, text, FreightTerms.values(), FreightTerms::words);
            case PLACE_KIND -> oneOf(fact, text, PlaceKind.values(), PlaceKind::words);
            case GOODS -> oneOf(fact, text, GoodsClass.values(), GoodsClass::words);
            default -> text;
        };
    }

    private static <T> String oneOf(Fact fact, String text, T[] all, Function<T, String> words) {
        return Arrays.stream(all)
                .map(words)
                .filter(each -> KnownWords.plain(each).equals(KnownWords.plain(text)))
                .findFirst()
                .orElseThrow(() -> unusable(
                        fact,
                        Quoted.of(text) + " is none.",
                        "Write one of: " + Arrays.stream(all).map(words).collect(Collectors.joining(", ")) + "."));
    }

    private static Set<String> plain(List<String> texts) {
        return new HashSet<>(texts.stream().map(KnownWords::plain).toList());
    }

    private RuleAct act(RuleAct written) {
        RuleAct.Kind kind = written.kind();
        String value = written.value().strip();
        if (kind.needsValue() == value.isEmpty()) {
            throw unusable(
                    kind,
                    value.isEmpty() ? "Nothing is said about it." : "There is nothing more to say about it.",
                    value.isEmpty() ? "Fill it in." : "Leave it empty.");
        }
        // a record always has freight terms, so a rule that did not overrule them would do nothing
        boolean instead = kind == RuleAct.Kind.TERMS || kind.isOfRecord() && written.instead();
        return new RuleAct(kind, known(kind, value), instead);
    }

    private String known(RuleAct.Kind kind, String value) {
        return switch (kind) {
            case SERVICE -> word(kind, WordKind.SERVICE, value);
            case CARTON -> word(kind, WordKind.PACKAGE, value);
            case SITE -> word(kind, WordKind.SITE, value);
            case TERMS ->
                among(kind, value, Arrays.stream(FreightTerms.values()).map(FreightTerms::words));
            case ACCESSORIAL ->
                among(kind, value, Arrays.stream(Accessorial.values()).map(Accessorial::words));
            case SLIP_DESIGN -> among(kind, value, slipDesigns.stream());
            default -> shortEnough(kind, value);
        };
    }

    private String word(RuleAct.Kind kind, WordKind wordKind, String value) {
        return words.meaning(wordKind, value)
                .orElseThrow(() -> unusable(kind, Quoted.of(value) + " is not known here.", "Choose one of the list."));
    }

    private static String among(RuleAct.Kind kind, String value, Stream<String> all) {
        return all.filter(each -> KnownWords.plain(each).equals(KnownWords.plain(value)))
                .findFirst()
                .orElseThrow(() -> unusable(kind, Quoted.of(value) + " is not known here.", "Choose one of the list."));
    }

    private static String shortEnough(RuleAct.Kind kind, String value) {
        if (value.length() > Limits.TEXT) {
            throw unusable(kind, "It has more than " + Limits.TEXT + " letters.", "Shorten it.");
        }
        return value;
    }

    private static Refusal unusable(Fact fact, String reason, String remedy) {
        return Refusal.unusable("The condition “" + fact.label() + "”", reason, remedy);
    }

    private static Refusal unusable(RuleAct.Kind kind, String reason, String remedy) {
        return Refusal.unusable("What it does, “" + kind.words() + "”", reason, remedy);
    }
}
