package nobrec.server.partner;

import java.util.Optional;
import nobrec.core.identifier.CompanyPrefix;
import nobrec.core.partner.InterchangeId;
import nobrec.core.partner.ShopNumbers;

/** The row of table partner_set_up. */
record SetUpRow(
        int version,
        String companyPrefix,
        int extensionDigit,
        String locationNumber,
        String interchangeQualifier,
        String interchangeId) {

    static final SetUpRow NONE = of(0, ShopNumbers.NONE);

    static SetUpRow of(int version, ShopNumbers numbers) {
        return new SetUpRow(
                version,
                numbers.companyPrefix().map(CompanyPrefix::digits).orElse(""),
                numbers.extensionDigit(),
                numbers.locationNumber(),
                numbers.interchange().qualifier(),
                numbers.interchange().id());
    }

    ShopNumbers numbers() {
        return new ShopNumbers(
                companyPrefix.isEmpty() ? Optional.empty() : Optional.of(new CompanyPrefix(companyPrefix)),
                extensionDigit,
                locationNumber,
                new InterchangeId(interchangeQualifier, interchangeId));
    }
}
