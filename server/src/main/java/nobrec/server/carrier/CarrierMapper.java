package nobrec.server.carrier;

import java.util.List;
import nobrec.core.service.Carrier;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface CarrierMapper {

    List<Carrier> carriers();

    List<ServiceRow> services();

    List<PickupRow> pickups(long siteId);

    void insertCarrier(Carrier carrier);

    void insertService(ServiceRow service);

    void insertPickup(PickupRow pickup);
}
