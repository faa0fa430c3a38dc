package nobrec.server.charge;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import nobrec.core.charging.ChargeRule;
import nobrec.core.charging.ChargeRules;
import nobrec.core.charging.FreightBill;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.platform.money.ShopMoney;
import org.springframework.stereotype.Service;

/** How the shop turns freight cost into what the customer pays. */
@Service
public class ShopChargeRules {

    /** Before a rule is set up freight is passed on as it is. */
    private static final ChargeRule AT_COST =
            new ChargeRule("At cost", ChargeRule.Applies.ALWAYS, 0, 0, false, 0, 0, 0, 0, 0, Set.of(), false);

    private final ChargeRuleMapper mapper;
    private final ShopMoney money;
    private final SetUpVersion version;
    private final Remembered<List<ChargeRuleRow>> rules;

    ShopChargeRules(ChargeRuleMapper mapper, ShopMoney money, SetUpVersion version) {
        this.money = money;
        this.mapper = mapper;
        this.version = version;
        this.rules = new Remembered<>(version, mapper::all);
    }

    /** The rule that counts for a shipment on a day. */
    public ChargeRule ruleFor(FreightBill bill, LocalDate day) {
        List<ChargeRule> inForce = rules.get().stream()
                .filter(row -> row.isInForceOn(day))
                .map(ChargeRuleRow::rule)
                .toList();
        return ChargeRules.pick(inForce, bill).orElse(AT_COST);
    }

    public void add(LocalDate firstDay, ChargeRule rule) {
        mapper.insert(ChargeRuleRow.of(firstDay, rule, money));
        version.changed();
    }
}
