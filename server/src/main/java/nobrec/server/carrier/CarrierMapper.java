package nobrec.server.carrier;

import java.util.List;
import nobrec.core.service.Carrier;
import nobrec.core.service.CarrierPricing.PricedBy;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface CarrierMapper {

    List<Carrier> carriers();

    List<CarrierPricingRow> pricing();

    @ChangesOneRow
    void updatePricing(
            @Param("code") String code,
            @Param("pricedBy") PricedBy pricedBy,
            @Param("toleranceThousandths") int toleranceThousandths);

    List<ServiceRow> services();

    List<PickupRow> pickups(long siteId);

    void insertCarrier(Carrier carrier);

    void insertService(ServiceRow service);

    void insertPickup(PickupRow pickup);
}
