package nobrec.server.charge;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Optional;
import nobrec.core.charging.ChargeRule;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface ChargeRuleMapper {

    Optional<ChargeRule> inForceOn(LocalDate day);

    void insert(
            @Param("firstDay") LocalDate firstDay,
            @Param("markupPercent") BigDecimal markupPercent,
            @Param("cartonsAtCost") boolean cartonsAtCost);
}
