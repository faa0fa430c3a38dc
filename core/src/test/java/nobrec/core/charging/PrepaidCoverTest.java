package nobrec.core.charging;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PrepaidCoverTest {

    @ParameterizedTest
    @CsvSource({
        "412.20, 388.00, 0.00, 24.20",
        "412.20, 412.20, 0.00, 0.00",
        "412.20, 412.21, 0.01, 0.00",
        "-3.00, 10.00, 13.00, 0.00",
        "0.00, 0.00, 0.00, 0.00"
    })
    void whatIsMissingAndWhatStays(String balance, String needed, String missing, String stays) {
        PrepaidCover cover = new PrepaidCover(usd(balance), usd(needed));
        assertThat(cover.missing()).isEqualTo(usd(missing));
        assertThat(cover.stays()).isEqualTo(usd(stays));
        assertThat(cover.isEnough()).isEqualTo(cover.missing().isZero());
    }

    private static Money usd(String amount) {
        return Money.of(CurrencyUnit.USD, new BigDecimal(amount));
    }
}
