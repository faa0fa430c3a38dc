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

    /** The one with lines of a work order: the one still open before those that have gone, the newest of these first. */
    Optional<ShipmentRow> byWorkOrder(long workOrderId);

    List<Shipment.Line> linesOf(long shipmentId);

    /** Ids of the work orders with lines in a shipment. */
    List<Long> workOrdersOf(long shipmentId);

    void insertLine(
            @Param("shipmentId") long shipmentId, @Param("lineId") long lineId, @Param("quantity") int quantity);

    void deleteLine(@Param("shipmentId") long shipmentId, @Param("lineId") long lineId);

    void deleteShipment(long shipmentId);

    List<PlacementRow> placementsOf(long shipmentId);

    void insertPlacements(@Param("rows") List<PlacementRow> rows);

    void deleteInside(long packageId);

    void deletePackage(long packageId);

    void updateNumber(@Param("packageId") long packageId, @Param("number") int number);

    void updateExtras(@Param("id") long id, @Param("extras") String extras);

    void updateShipOn(@Param("id") long id, @Param("shipOn") LocalDate shipOn);

    Optional<Long> workOrderOfTrackingNumber(String trackingNumber);

    List<PackageRow> packagesOf(long shipmentId);

    List<ContentRow> contentsOf(long shipmentId);

    List<DepartedRow> departedOn(LocalDate shipDate);

    List<OpenChoiceRow> openChoices();

    void insert(NewShipment shipment);

    void insertPackage(NewPackage newPackage);

    void insertContent(
            @Param("packageId") long packageId,
            @Param("lineId") long lineId,
            @Param("quantity") int quantity,
            @Param("lots") String lots);

    void updateWeight(
            @Param("packageId") long packageId,
            @Param("weight") Weight weight,
            @Param("source") Shipment.WeightSource source);

    void updateCarton(
            @Param("packageId") long packageId,
            @Param("cartonCode") String cartonCode,
            @Param("reason") String reason,
            @Param("size") Size size,
            @Param("expectedWeight") Weight expectedWeight,
            @Param("placedByHand") boolean placedByHand);

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
