package nobrec.server.demo;

import java.math.BigDecimal;
import java.time.LocalTime;
import java.util.List;
import nobrec.core.address.PlaceKind;
import nobrec.core.identifier.TrackingForm;
import nobrec.server.platform.security.Role;

/** The file demo/shop.json. Weights in pounds, lengths in inches, amounts in dollars. */
record DemoShop(
        SiteEntry site,
        List<UserEntry> users,
        ChargeRuleEntry chargeRule,
        List<CartonEntry> cartonTypes,
        List<CarrierEntry> carriers,
        List<ServiceEntry> services) {

    record SiteEntry(
            String code,
            String company,
            String street,
            String town,
            String state,
            String postalCode,
            String country,
            String phone,
            String timeZone,
            LocalTime opensAt,
            LocalTime closesAt) {}

    record UserEntry(String signIn, String displayName, Role role) {}

    record ChargeRuleEntry(BigDecimal markupPercent, boolean cartonsAtCost) {}

    record CartonEntry(
            String code,
            String name,
            String inner,
            String outer,
            String tare,
            String limit,
            String bandFrom,
            String bandTo,
            BigDecimal cost,
            boolean standard) {}

    record CarrierEntry(String code, String name, boolean phoneRequired, TrackingForm trackingForm, LocalTime cutOff) {}

    record ServiceEntry(
            String code,
            String carrier,
            String name,
            boolean ground,
            String limit,
            String length,
            String girth,
            List<PlaceKind> excludedPlaces,
            List<Integer> transitDays,
            String sheet,
            String step,
            int divisor,
            BigDecimal residential,
            BigDecimal fuel) {}
}
