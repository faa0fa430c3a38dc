package nobrec.server.platform.money;

import nobrec.server.platform.mapping.DecimalHandler;
import org.apache.ibatis.type.MappedTypes;
import org.joda.money.Money;
import org.mybatis.spring.boot.autoconfigure.ConfigurationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** An amount in the shop's currency. */
@MappedTypes(Money.class)
class MoneyHandler extends DecimalHandler<Money> {

    @Configuration
    static class Use {
        @Bean
        ConfigurationCustomizer moneyColumns(ShopMoney money) {
            return configuration -> configuration.getTypeHandlerRegistry().register(new MoneyHandler(money));
        }
    }

    MoneyHandler(ShopMoney money) {
        super(Money::getAmount, money::of);
    }
}
