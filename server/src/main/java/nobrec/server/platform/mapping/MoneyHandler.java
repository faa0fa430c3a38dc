package nobrec.server.platform.mapping;

import nobrec.server.platform.Moneys;
import org.apache.ibatis.type.MappedTypes;
import org.joda.money.Money;

/** An amount in the shop's currency. */
@MappedTypes(Money.class)
public class MoneyHandler extends DecimalHandler<Money> {

    public MoneyHandler() {
        super(Money::getAmount, Moneys::of);
    }
}
