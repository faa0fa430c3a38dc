package nobrec.server.prepaid;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.Carrier;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.money.ShopMoney;
import org.springframework.stereotype.Service;

/** What the accounts hold that are paid beforehand. The carrier is asked outside any transaction; what it said last is kept. */
@Service
public class PrepaidAccounts {

    private static final int LONGEST = 500;

    private final PrepaidMapper mapper;
    private final CarrierGateway gateway;
    private final ServiceCatalog catalog;
    private final ShopMoney money;
    private final Clock clock;

    PrepaidAccounts(
            PrepaidMapper mapper, CarrierGateway gateway, ServiceCatalog catalog, ShopMoney money, Clock clock) {
        this.mapper = mapper;
        this.gateway = gateway;
        this.catalog = catalog;
        this.money = money;
        this.clock = clock;
    }

    public List<PrepaidRow> all() {
        return mapper.accounts();
    }

    /** The account with that carrier is paid beforehand. */
    public void add(String carrierCode) {
        mapper.insertAccount(catalog.carrier(carrierCode).code());
    }

    /** Asks a carrier now. One that gives no balance leaves the last one, with why. */
    void ask(String carrierCode) {
        Carrier carrier = prepaid(carrierCode);
        Instant asked = clock.instant();
        OutsideAnswer<BigDecimal> answer = gateway.balance(
                carrier, UUID.randomUUID().toString(), money.currency().getCode());
        if (answer instanceof OutsideAnswer.Accepted<BigDecimal> accepted) {
            mapper.keep(carrierCode, money.of(accepted.result()), "", asked);
        } else {
            String why =
                    answer instanceof OutsideAnswer.Refused<BigDecimal> refused ? refused.reason() : answer.whyOpen();
            mapper.keep(carrierCode, null, Shortened.to(LONGEST, why), asked);
        }
    }

    Carrier prepaid(String carrierCode) {
        Carrier carrier = catalog.carrier(carrierCode);
        if (mapper.account(carrierCode).isEmpty()) {
            throw Refusal.unusable(
                    carrier.name(), "The account with it is not paid beforehand.", "It sends a bill afterwards.");
        }
        return carrier;
    }
}
