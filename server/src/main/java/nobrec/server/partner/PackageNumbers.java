package nobrec.server.partner;

import java.time.Clock;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeSet;
import nobrec.core.identifier.CompanyPrefix;
import nobrec.core.identifier.Sscc;
import nobrec.core.partner.ShopNumbers;
import nobrec.core.refusal.Refusal;
import nobrec.server.partner.SsccMapper.Given;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Gives packages their numbers: each once for good, whichever server asks. A package is known by its tracking number, which no other has;
 * asked again it has the same number.
 */
@Service
public class PackageNumbers {

    private final Partners partners;
    private final SsccMapper mapper;
    private final Clock clock;

    PackageNumbers(Partners partners, SsccMapper mapper, Clock clock) {
        this.partners = partners;
        this.mapper = mapper;
        this.clock = clock;
    }

    /**
     * By tracking number.
     *
     * @throws Refusal where the shop has no prefix, or all numbers of it are given
     */
    @Transactional
    public Map<String, Sscc> of(Collection<String> trackingNumbers) {
        Map<String, Sscc> numbers = given(trackingNumbers);
        if (numbers.keySet().containsAll(trackingNumbers)) {
            return numbers;
        }
        ShopNumbers shop = partners.numbers();
        CompanyPrefix prefix = shop.companyPrefix().orElseThrow(PackageNumbers::noPrefix);
        if (mapper.nextSerial(prefix.digits(), shop.extensionDigit()).isEmpty()) {
            mapper.begin(prefix.digits(), shop.extensionDigit());
        }
        long next = mapper.nextSerialLocked(prefix.digits(), shop.extensionDigit());
        // Whoever was first gave them meanwhile.
        numbers.putAll(given(trackingNumbers));
        for (String tracking : new TreeSet<>(trackingNumbers)) {
            if (!numbers.containsKey(tracking)) {
                Sscc fresh = Sscc.of(shop.extensionDigit(), prefix, next++);
                mapper.give(new Given(fresh.digits(), tracking), clock.instant());
                numbers.put(tracking, fresh);
            }
        }
        mapper.keepNextSerial(prefix.digits(), shop.extensionDigit(), next);
        return numbers;
    }

    private Map<String, Sscc> given(Collection<String> trackingNumbers) {
        Map<String, Sscc> numbers = new HashMap<>();
        mapper.given(trackingNumbers).forEach(each -> numbers.put(each.trackingNumber(), new Sscc(each.sscc())));
        return numbers;
    }

    private static Refusal noPrefix() {
        return Refusal.unusable(
                "The numbers of packages", "The shop has no company prefix.", "Write it under Partners, Our numbers.");
    }
}
