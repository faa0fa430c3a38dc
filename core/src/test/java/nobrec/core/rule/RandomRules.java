package nobrec.core.rule;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import nobrec.core.address.PostalAddress;
import nobrec.core.charging.FreightTerms;
import nobrec.core.customs.ExportDetails;
import nobrec.core.item.Handling;
import nobrec.core.item.LineGoods;
import nobrec.core.item.LotShare;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.rule.WrittenRule.Kind;
import nobrec.core.rule.WrittenRule.TestKind;
import nobrec.core.rule.WrittenRule.WrittenCondition;
import nobrec.core.workorder.Clearance;
import nobrec.core.workorder.Particulars;
import nobrec.core.workorder.RuleAct;
import nobrec.core.workorder.Ruling;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;

/** Rules and jobs over so few words and figures that many rules act. */
public final class RandomRules {

    private static final LocalDate DAY = LocalDate.of(2026, 12, 1);
    private static final List<String> WORDS = List.of("", "Acme", "acme  Tool", "AK", "HI", "Tool", "a");
    private static final List<Fact> TEXTS =
            List.of(Fact.CUSTOMER, Fact.STATE, Fact.BATCH, Fact.REFERENCE, Fact.CUSTOM, Fact.ITEM, Fact.LOT);
    private static final List<Fact> FIGURES =
            List.of(Fact.QUANTITY, Fact.UNIT_WEIGHT, Fact.PIECES, Fact.WEIGHT, Fact.VALUE, Fact.DAYS_TO_PROMISE);
    private static final Map<Fact, List<String>> LISTS = Map.of(
            Fact.TERMS, List.of("we pay", "Receiver  pays"),
            Fact.COUNTRY, List.of("US", "CA"),
            Fact.PLACE_KIND, List.of("business", "Residence"),
            Fact.HANDLING, List.of("alone", "this side up"));

    private final Random random;

    public RandomRules(Random random) {
        this.random = random;
    }

    /** Knows every service, carton and site by the name it is called. */
    public static RuleReader reader() {
        return new RuleReader((kind, word) -> Optional.of(word), Set.of("plain"), UnitSystem.POUND_INCH);
    }

    static WrittenRule always(String name, RuleAct... acts) {
        return new WrittenRule(name, group(Kind.ALL, List.of()), List.of(acts), false, true, Optional.empty());
    }

    static WrittenCondition group(Kind kind, List<WrittenCondition> parts) {
        return new WrittenCondition(kind, parts, Optional.empty(), "", Optional.empty(), List.of(), "", "");
    }

    static WrittenCondition figure(Fact fact, String from, String until) {
        return new WrittenCondition(
                Kind.FACT, List.of(), Optional.of(fact), "", Optional.of(TestKind.BETWEEN), List.of(), from, until);
    }

    static WrittenCondition text(Fact fact, TestKind test, String... texts) {
        return new WrittenCondition(
                Kind.FACT,
                List.of(),
                Optional.of(fact),
                fact.isCustom() ? "Machine" : "",
                Optional.of(test),
                List.of(texts),
                "",
                "");
    }

    public WrittenRule rule() {
        return new WrittenRule(
                "Rule " + random.nextInt(1000),
                condition(0),
                IntStream.rangeClosed(0, random.nextInt(3))
                        .mapToObj(at -> act())
                        .toList(),
                random.nextInt(8) == 0,
                random.nextInt(8) > 0,
                random.nextInt(4) > 0 ? Optional.empty() : Optional.of(DAY.plusDays(random.nextInt(3) - 1)));
    }

    private RuleAct act() {
        RuleAct.Kind kind = one(List.of(RuleAct.Kind.values()));
        String value = switch (kind) {
            case TERMS -> one(List.of("we pay", "receiver pays"));
            case ACCESSORIAL -> one(List.of("signature", "liftgate"));
            case SLIP_DESIGN -> "plain";
            default -> kind.needsValue() ? one(List.of("x", "y")) : "";
        };
        return new RuleAct(kind, value, kind.isOfRecord() && random.nextBoolean());
    }

    private WrittenCondition condition(int depth) {
        if (depth < 3 && random.nextInt(3) == 0) {
            Kind kind = one(List.of(Kind.ALL, Kind.ANY, Kind.NONE));
            return group(
                    kind,
                    IntStream.rangeClosed(0, random.nextInt(3))
                            .mapToObj(at -> condition(depth + 1))
                            .toList());
        }
        return switch (random.nextInt(4)) {
            case 0 -> range(one(FIGURES));
            case 1 -> {
                Fact fact = one(List.copyOf(LISTS.keySet()));
                yield text(fact, TestKind.ONE_OF, one(LISTS.get(fact)));
            }
            case 2 -> one(List.of(text(Fact.NO_PRICES, TestKind.KNOWN), text(one(TEXTS), TestKind.KNOWN)));
            default ->
                random.nextBoolean()
                        ? text(one(TEXTS), TestKind.ONE_OF, one(WORDS) + "x", word(), word())
                        : text(one(TEXTS), one(List.of(TestKind.CONTAINS, TestKind.STARTS_WITH)), word());
        };
    }

    private WrittenCondition range(Fact fact) {
        String unit = fact == Fact.WEIGHT || fact == Fact.UNIT_WEIGHT ? " lb" : "";
        int from = 1 + random.nextInt(8);
        String until = Integer.toString(from + random.nextInt(8)) + unit;
        return switch (random.nextInt(3)) {
            case 0 -> figure(fact, from + unit, "");
            case 1 -> figure(fact, "", until);
            default -> figure(fact, from + unit, until);
        };
    }

    private String word() {
        return WORDS.get(1 + random.nextInt(WORDS.size() - 1));
    }

    public WorkOrder job() {
        return new WorkOrder(
                1,
                "file",
                "T-1",
                one(WORDS),
                "",
                new PostalAddress(one(WORDS), "", "1 Road", "", "City", one(WORDS), "", one(List.of("US", "CA"))),
                Optional.empty(),
                "",
                "",
                random.nextBoolean() ? Optional.empty() : Optional.of(DAY.plusDays(random.nextInt(12) - 2)),
                "",
                one(List.of(FreightTerms.values())),
                "",
                Optional.empty(),
                WorkOrderStatus.READY,
                particulars(),
                List.of(),
                Ruling.NONE,
                IntStream.range(0, random.nextInt(4)).mapToObj(this::line).toList());
    }

    private Particulars particulars() {
        Map<String, String> custom = random.nextBoolean() ? Map.of() : Map.of("MACHINE", one(WORDS));
        Particulars none = Particulars.NONE;
        return new Particulars(
                one(WORDS),
                "",
                "",
                "",
                random.nextBoolean(),
                "",
                List.of(one(WORDS), one(WORDS)),
                none.billTo(),
                "",
                "",
                custom,
                Clearance.NONE,
                ExportDetails.NONE);
    }

    private WorkOrder.Line line(int at) {
        return new WorkOrder.Line(
                at + 1,
                at + 1,
                one(WORDS),
                "Piece",
                1 + random.nextInt(6),
                Optional.empty(),
                0,
                0,
                random.nextInt(3) == 0
                        ? Optional.empty()
                        : Optional.of(Weight.of(BigDecimal.valueOf(1 + random.nextInt(40), 1), WeightUnit.POUND)),
                Optional.empty(),
                new Handling(random.nextBoolean(), false, random.nextBoolean()),
                random.nextBoolean() ? List.of() : List.of(new LotShare(word(), 1)),
                new LineGoods(
                        random.nextInt(3) == 0 ? Optional.empty() : Optional.of(random.nextLong(400)),
                        "",
                        "",
                        Optional.empty(),
                        Optional.empty(),
                        ""),
                Map.of(),
                Optional.empty(),
                Set.of());
    }

    private <T> T one(List<T> all) {
        return all.get(random.nextInt(all.size()));
    }
}
