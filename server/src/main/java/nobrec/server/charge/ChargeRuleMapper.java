package nobrec.server.charge;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface ChargeRuleMapper {

    List<ChargeRuleRow> all();

    void insert(ChargeRuleRow row);
}
