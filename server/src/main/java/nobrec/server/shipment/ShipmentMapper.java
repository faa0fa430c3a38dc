package nobrec.server.shipment;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.joda.money.Money;

@Mapper
interface ShipmentMapper {

    Optional<ShipmentRow> byId(long id);

    /** The same, and nobody else changes it until the transaction ends. */
    Optional<ShipmentRow> byIdLocked(long id);

    Optional<ShipmentRow> byWorkOrder(long workOrderId);

    Optional<Long> workOrderOfTrackingNumber(String trackingNumber);

    List<PackageRow> packagesOf(long shipmentId);

    List<ContentRow> contentsOf(long shipmentId);

    List<DepartedRow> departedOn(LocalDate shipDate);

    List<OpenChoiceRow> openChoices();

    /** No row when the work order has a shipment already. */
    int insertIfNone(NewShipment shipment);

    void insertPackage(NewPackage newPackage);

    void insertContent(
            @Param("packageId") long packageId, @Param("lineId") long lineId, @Param("quantity") int quantity);

    void updateWeight(
            @Param("packageId") long packageId,
            @Param("weight") Weight weight,
            @Param("source") Shipment.WeightSource source);

    void updateCarton(
            @Param("packageId") long packageId,
            @Param("cartonCode") String cartonCode,
            @Param("reason") String reason,
            @Param("size") Size size,
            @Param("expectedWeight") Weight expectedWeight);

    void updateSize(@Param("packageId") long packageId, @Param("size") Size size);

    void updateChosenService(@Param("id") long id, @Param("serviceCode") String serviceCode);

    void updateState(@Param("id") long id, @Param("state") ShipmentState state, @Param("startedBy") String startedBy);

    void updateOutcome(
            @Param("id") long id,
            @Param("serviceCode") String serviceCode,
            @Param("shipDate") LocalDate shipDate,
            @Param("deliveryDate") LocalDate deliveryDate,
            @Param("freightCost") Money freightCost,
            @Param("customerCharge") Money customerCharge,
            @Param("margin") Money margin);

    void markShipped(@Param("id") long id, @Param("shippedAt") Instant shippedAt);

    void updateTrackingNumber(
            @Param("shipmentId") long shipmentId,
            @Param("number") int number,
            @Param("trackingNumber") String trackingNumber);

    void deleteChargeLines(long shipmentId);

    void insertChargeLines(@Param("shipmentId") long shipmentId, @Param("rows") List<ChargeLineRow> rows);

    List<ChargeLineRow> chargeLines(long shipmentId);
}
