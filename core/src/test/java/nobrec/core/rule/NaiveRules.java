package nobrec.core.rule;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.rule.WrittenRule.WrittenCondition;
import nobrec.core.workorder.RuleAct;
import nobrec.core.workorder.WorkOrder;

/** House rules as one would carry them out by hand: every text of every rule looked at again for every job. */
final class NaiveRules {

    private NaiveRules() {}

    static List<String> acted(List<WrittenRule> rules, WorkOrder job, LocalDate today) {
        List<String> acted = new ArrayList<>();
        Set<RuleAct.Kind> decided = new HashSet<>();
        for (int at = 0; at < rules.size(); at++) {
            WrittenRule rule = rules.get(at);
            boolean counts = rule.enabled()
                    && (rule.validFrom().isEmpty() || rule.validFrom().get().compareTo(today) <= 0);
            if (!counts || !holds(rule.when(), job, today)) {
                continue;
            }
            List<RuleAct> acts = new ArrayList<>();
            for (RuleAct act : rule.acts()) {
                boolean once = Set.of("SERVICE", "CARTON", "TERMS", "SITE", "SLIP_DESIGN")
                        .contains(act.kind().name());
                if (!once || !decided.contains(act.kind())) {
                    acts.add(act.kind() == RuleAct.Kind.TERMS ? new RuleAct(act.kind(), act.value(), true) : act);
                }
                if (once) {
                    decided.add(act.kind());
                }
            }
            if (!acts.isEmpty()) {
                acted.add((at + 1) + " " + acts);
            }
            if (rule.last()) {
                break;
            }
        }
        return acted;
    }

    private static boolean holds(WrittenCondition when, WorkOrder job, LocalDate today) {
        int held = 0;
        for (WrittenCondition part : when.parts()) {
            held += holds(part, job, today) ? 1 : 0;
        }
        switch (when.kind()) {
            case ALL:
                return held == when.parts().size();
            case ANY:
                return held > 0;
            case NONE:
                return held == 0;
            default:
                return passes(when, job, today);
        }
    }

    private static boolean passes(WrittenCondition test, WorkOrder job, LocalDate today) {
        List<Object> values = new ArrayList<>();
        values(test, job, today).filter(value -> !"".equals(value)).forEach(values::add);
        switch (test.test().orElseThrow()) {
            case KNOWN:
                return !values.isEmpty();
            case BETWEEN:
                return values.stream()
                        .map(BigDecimal.class::cast)
                        .anyMatch(figure -> (test.from().isEmpty() || figure.compareTo(bound(test.from())) >= 0)
                                && (test.until().isEmpty() || figure.compareTo(bound(test.until())) <= 0));
            case CONTAINS:
                return values.stream()
                        .anyMatch(value ->
                                plain(value).contains(plain(test.texts().get(0))));
            case STARTS_WITH:
                return values.stream()
                        .anyMatch(value ->
                                plain(value).startsWith(plain(test.texts().get(0))));
            default:
                return values.stream()
                        .anyMatch(value -> test.texts().stream()
                                .anyMatch(text -> plain(text).equals(plain(value))));
        }
    }

    private static BigDecimal bound(String text) {
        return new BigDecimal(text.replace(" lb", ""));
    }

    private static String plain(Object text) {
        return String.join(" ", text.toString().strip().toLowerCase().split("\\s+"));
    }

    private static Stream<?> values(WrittenCondition test, WorkOrder job, LocalDate today) {
        Stream<WorkOrder.Line> lines = job.lines().stream();
        switch (test.fact().orElseThrow()) {
            case CUSTOMER:
                return Stream.of(job.customer());
            case STATE:
                return Stream.of(job.shipTo().state());
            case PLACE_KIND:
                return Stream.of(job.placeKind().words());
            case COUNTRY:
                return Stream.of(job.shipTo().country());
            case TERMS:
                return Stream.of(job.terms().words());
            case NO_PRICES:
                return job.particulars().noPrices() ? Stream.of("yes") : Stream.empty();
            case BATCH:
                return Stream.of(job.particulars().batch());
            case REFERENCE:
                return job.particulars().references().stream();
            case CUSTOM:
                return job.particulars().custom().entrySet().stream()
                        .filter(each -> each.getKey().equalsIgnoreCase(test.name()))
                        .map(each -> each.getValue());
            case ITEM:
                return lines.map(WorkOrder.Line::item);
            case LOT:
                return lines.flatMap(line -> line.lots().stream()).map(lot -> lot.lot());
            case HANDLING:
                return lines.flatMap(line -> line.handling().words().stream());
            case QUANTITY:
                return lines.map(line -> BigDecimal.valueOf(line.quantityOrdered()));
            case UNIT_WEIGHT:
                return lines.flatMap(line -> line.unitWeight().stream()).map(NaiveRules::pounds);
            case PIECES:
                return Stream.of(lines.map(line -> BigDecimal.valueOf(line.quantityOrdered()))
                        .reduce(BigDecimal.ZERO, BigDecimal::add));
            case DAYS_TO_PROMISE:
                return job.promiseDate().stream().map(day -> BigDecimal.valueOf(day.toEpochDay() - today.toEpochDay()));
            case WEIGHT:
                return job.lines().stream().anyMatch(line -> line.unitWeight().isEmpty())
                                || job.lines().isEmpty()
                        ? Stream.empty()
                        : Stream.of(lines.map(line -> pounds(line.unitWeight().orElseThrow())
                                        .multiply(BigDecimal.valueOf(line.quantityOrdered())))
                                .reduce(BigDecimal.ZERO, BigDecimal::add));
            case VALUE:
                return job.lines().stream()
                                        .anyMatch(line ->
                                                line.goods().unitValueCents().isEmpty())
                                || job.lines().isEmpty()
                        ? Stream.empty()
                        : Stream.of(lines.map(line -> BigDecimal.valueOf(
                                                line.goods().unitValueCents().orElseThrow(), 2)
                                        .multiply(BigDecimal.valueOf(line.quantityOrdered())))
                                .reduce(BigDecimal.ZERO, BigDecimal::add));
            default:
                throw new IllegalArgumentException(test.fact().toString());
        }
    }

    private static BigDecimal pounds(Weight weight) {
        return weight.in(WeightUnit.POUND, 4);
    }
}
