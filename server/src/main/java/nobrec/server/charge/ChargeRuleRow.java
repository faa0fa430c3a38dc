package nobrec.server.charge;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.charging.ChargeRule;
import nobrec.core.charging.FreightTerms;
import nobrec.server.platform.money.ShopMoney;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/** A row of table charge_rule. */
record ChargeRuleRow(
        LocalDate firstDay,
        @Nullable LocalDate lastDay,
        String name,
        @Nullable String customer,
        @Nullable FreightTerms terms,
        @Nullable String serviceCode,
        Money orderFrom,
        int markup,
        Money handling,
        boolean cartonsAtCost,
        int discount,
        Money roundUpTo,
        Money floorAmount,
        Money capAmount,
        Money freeFromOrder,
        String freeServices,
        boolean holdsEstimate) {

    static ChargeRuleRow of(LocalDate firstDay, ChargeRule rule, ShopMoney money) {
        return new ChargeRuleRow(
                firstDay,
                null,
                rule.name(),
                rule.when().customer().orElse(null),
                rule.when().terms().orElse(null),
                rule.when().service().orElse(null),
                money.ofCents(rule.when().orderFromCents()),
                rule.markup(),
                money.ofCents(rule.handlingCents()),
                rule.cartonsAtCost(),
                rule.discount(),
                money.ofCents(rule.roundUpToCents()),
                money.ofCents(rule.floorCents()),
                money.ofCents(rule.capCents()),
                money.ofCents(rule.freeFromOrderCents()),
                rule.freeServices().stream().sorted().collect(Collectors.joining(",")),
                rule.holdsEstimate());
    }

    boolean isInForceOn(LocalDate day) {
        return !firstDay.isAfter(day) && (lastDay == null || !lastDay.isBefore(day));
    }

    ChargeRule rule() {
        return new ChargeRule(
                name,
                new ChargeRule.Applies(
                        Optional.ofNullable(customer),
                        Optional.ofNullable(terms),
                        Optional.ofNullable(serviceCode),
                        orderFrom.getAmountMinorLong()),
                markup,
                handling.getAmountMinorLong(),
                cartonsAtCost,
                discount,
                roundUpTo.getAmountMinorLong(),
                floorAmount.getAmountMinorLong(),
                capAmount.getAmountMinorLong(),
                freeFromOrder.getAmountMinorLong(),
                Arrays.stream(freeServices.split(","))
                        .filter(code -> !code.isEmpty())
                        .collect(Collectors.toSet()),
                holdsEstimate);
    }
}
