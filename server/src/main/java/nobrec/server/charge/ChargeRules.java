package nobrec.server.charge;

import java.math.BigDecimal;
import java.time.LocalDate;
import nobrec.core.charging.ChargeRule;
import org.springframework.stereotype.Service;

/** How the shop turns freight cost into what the customer pays. */
@Service
public class ChargeRules {

    /** Before a rule is set up freight is passed on as it is. */
    private static final ChargeRule AT_COST = new ChargeRule(BigDecimal.ZERO, false);

    private final ChargeRuleMapper mapper;

    ChargeRules(ChargeRuleMapper mapper) {
        this.mapper = mapper;
    }

    public ChargeRule inForceOn(LocalDate day) {
        return mapper.inForceOn(day).orElse(AT_COST);
    }

    public void add(LocalDate firstDay, ChargeRule rule) {
        mapper.insert(firstDay, rule.markupPercent(), rule.cartonsAtCost());
    }
}
