package nobrec.server.carrier;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import nobrec.core.limit.Limits;
import nobrec.core.service.Carrier;
import nobrec.core.service.CarrierPricing;
import nobrec.core.service.CarrierPricing.PricedBy;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.api.security.ForCoordinators;
import nobrec.server.audit.AuditLog;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Carriers, and where the prices of their services come from. */
@RestController
@RequestMapping("/api/v1/carriers")
@Tag(name = "carriers")
class CarrierController {

    private static final int ALL = 100_000;

    /** @param toleranceThousandths how far quote and sheet may be apart, in thousandths of a percent */
    record PricingEntry(
            @NotNull PricedBy pricedBy, @Min(0) @Max(ALL) int toleranceThousandths) {}

    record CarrierView(String code, String name, PricedBy pricedBy, String words, int toleranceThousandths) {}

    record CarrierList(List<CarrierView> rows) {}

    private final ServiceCatalog catalog;
    private final AuditLog auditLog;

    CarrierController(ServiceCatalog catalog, AuditLog auditLog) {
        this.catalog = catalog;
        this.auditLog = auditLog;
    }

    @GetMapping
    @ForAllButPackers
    CarrierList carriers() {
        return new CarrierList(catalog.carriers().stream().map(this::view).toList());
    }

    @PutMapping("/{code}/pricing")
    @ForCoordinators
    @Transactional
    CarrierList price(
            @PathVariable @Size(max = Limits.TEXT) String code, @Valid @RequestBody PricingEntry entry, Principal who) {
        Carrier carrier = catalog.carrier(code);
        catalog.keepPricing(code, new CarrierPricing(entry.pricedBy(), entry.toleranceThousandths()));
        auditLog.write(
                who.getName(),
                "chose who prices a carrier",
                carrier.name(),
                entry.pricedBy().words());
        return carriers();
    }

    private CarrierView view(Carrier carrier) {
        CarrierPricing pricing = catalog.pricing(carrier.code());
        return new CarrierView(
                carrier.code(),
                carrier.name(),
                pricing.pricedBy(),
                pricing.pricedBy().words(),
                pricing.toleranceThousandths());
    }
}
