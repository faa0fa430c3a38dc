package nobrec.server.shipment;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.shipment.ContentsCount;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

@Mapper
interface ShipmentMapper {

    Optional<ShipmentRow> byId(long id);

    /** The same, and nobody else changes it until the transaction ends. */
    Optional<ShipmentRow> byIdLocked(long id);

    /** The one with some of these lines of work orders: the one still open before those that have gone, the newest of these first. */
    List<SentRow> sentOf(@Param("workOrders") Collection<Long> workOrders);

    List<ShipmentRow> allByLines(@Param("lineIds") Collection<Long> lineIds, @Param("limit") int limit);

    Optional<ShipmentRow> byLines(@Param("lineIds") List<Long> lineIds);

    List<Shipment.Line> linesOf(long shipmentId);

    Optional<LocalDate> lastShipDate(String serviceCode);

    void insertLines(@Param("shipmentId") long shipmentId, @Param("lines") List<Shipment.Line> lines);

    @ChangesOneRow
    void updateLine(
            @Param("shipmentId") long shipmentId, @Param("lineId") long lineId, @Param("quantity") int quantity);

    @ChangesOneRow
    void deleteLine(@Param("shipmentId") long shipmentId, @Param("lineId") long lineId);

    /** One that is still open. */
    @ChangesOneRow
    void deleteShipment(long shipmentId);

    List<PlacementRow> placementsOf(long shipmentId);

    void insertPlacements(@Param("rows") List<PlacementRow> rows);

    @ChangesAnyRows
    void deleteInside(long packageId);

    @ChangesOneRow
    void deletePackage(long packageId);

    @ChangesOneRow
    void updateNumber(@Param("packageId") long packageId, @Param("number") int number);

    @ChangesOneRow
    void updateAccessorials(@Param("id") long id, @Param("accessorials") String accessorials);

    @ChangesOneRow
    void updateSite(@Param("id") long id, @Param("site") long site);

    @ChangesOneRow
    void updateShipOn(@Param("id") long id, @Param("shipOn") @Nullable LocalDate shipOn);

    List<Long> inState(@Param("ids") Collection<Long> ids, @Param("state") ShipmentState state);

    /** Of those that have gone. */
    List<TrackingRow> trackingOf(@Param("ids") Collection<Long> ids);

    Optional<Long> openOwn(long workOrderId);

    Optional<Long> workOrderOfTrackingNumber(String trackingNumber);

    List<PackageRow> packagesOf(long shipmentId);

    List<ContentRow> contentsOf(long shipmentId);

    /** Those of the numbers that packages have already. */
    List<ContentsCount.Scanned> scannedOf(long shipmentId);

    void addScan(
            @Param("shipmentId") long shipmentId,
            @Param("scan") ContentsCount.Scanned scan,
            @Param("by") String by,
            @Param("at") Instant at);

    Optional<ScanRow> newestScan(long shipmentId);

    /** The newest one of a shipment, if there is one. */
    @ChangesAnyRows
    int takeBackScan(long shipmentId);

    List<String> trackingNumbersInUse(@Param("numbers") Collection<String> numbers);

    List<DepartedRow> departedOn(LocalDate shipDate);

    List<OpenChoiceRow> openChoices();

    void insert(NewShipment shipment);

    void insertPackage(NewPackage newPackage);

    void insertContents(@Param("rows") List<ContentRow> rows);

    @ChangesOneRow
    void updateWeight(
            @Param("packageId") long packageId,
            @Param("weight") @Nullable Weight weight,
            @Param("source") Shipment.@Nullable WeightSource source);

    @ChangesOneRow
    void updateCarton(
            @Param("packageId") long packageId,
            @Param("cartonCode") String cartonCode,
            @Param("reason") String reason,
            @Param("size") Size size,
            @Param("expectedWeight") @Nullable Weight expectedWeight,
            @Param("placedByHand") boolean placedByHand);

    @ChangesOneRow
    void updateSize(@Param("packageId") long packageId, @Param("size") Size size);

    @ChangesOneRow
    void updateChosenService(@Param("id") long id, @Param("serviceCode") @Nullable String serviceCode);

    /** From one state to the next, if it is in that state. */
    @ChangesOneRow
    void updateState(
            @Param("id") long id,
            @Param("from") ShipmentState from,
            @Param("state") ShipmentState state,
            @Param("startedBy") @Nullable String startedBy);

    /** From open to shipping, with what it goes by and what that comes to. */
    @ChangesOneRow
    void beginShipping(
            @Param("id") long id,
            @Param("startedBy") String startedBy,
            @Param("serviceCode") String serviceCode,
            @Param("shipDate") LocalDate shipDate,
            @Param("deliveryDate") LocalDate deliveryDate,
            @Param("freightCost") Money freightCost,
            @Param("customerCharge") Money customerCharge,
            @Param("margin") Money margin);

    @ChangesOneRow
    void markShipped(@Param("id") long id, @Param("shippedAt") Instant shippedAt);

    /** By package number. A number that another package has is refused by the database. */
    @ChangesAnyRows
    void updateTrackingNumbers(
            @Param("shipmentId") long shipmentId, @Param("trackingNumbers") Map<Integer, String> trackingNumbers);

    /** Packages with these numbers that have a label that counts. */
    List<LabeledRow> labeled(@Param("trackingNumber") String trackingNumber);

    /** Labeled ones of a site and some services that are in no handover, up to a day of leaving. */
    List<LabeledRow> notHandedOver(
            @Param("site") long site,
            @Param("services") Collection<String> services,
            @Param("until") LocalDate until,
            @Param("limit") int limit);

    /** How many are in no handover, and their weight, by site and service. */
    List<DepartedRow> waitingForHandover(@Param("until") LocalDate until);

    /** How many are in a handover, and their weight, by service. */
    List<DepartedRow> inHandover(long handover);

    Optional<Long> handoverOf(@Param("packages") Collection<Long> packages);

    /** Those scanned in last, the latest first. */
    List<LabeledRow> scannedInto(@Param("handover") long handover, @Param("limit") int limit);

    @ChangesAnyRows
    int handOver(
            @Param("packages") Collection<Long> packages,
            @Param("handover") long handover,
            @Param("by") String by,
            @Param("at") Instant at);

    @ChangesAnyRows
    int takeOut(@Param("packageId") long packageId, @Param("handover") long handover);

    /** Ids of the shipments with packages in a handover, in order. */
    /** Those of which packages are in a handover and none is in no handover. */
    List<Long> goneWith(long handover);

    List<Long> shipmentsIn(long handover);

    void insertVoided(@Param("voided") NewVoided voided);

    void insertVoidedPackages(@Param("id") long id, @Param("shipmentId") long shipmentId);

    @ChangesAnyRows
    void clearTrackingNumbers(long shipmentId);

    List<VoidedRow> voidedOf(long shipmentId);

    Optional<Long> workOrderOfVoidedNumber(String trackingNumber);

    void insertVoidedPackage(@Param("id") long id, @Param("packageId") long packageId);

    /** Into another shipment, as its first one, with what is in it and what was scanned into it. */
    @ChangesOneRow
    void movePackage(@Param("packageId") long packageId, @Param("shipmentId") long shipmentId);

    @ChangesAnyRows
    void moveScans(@Param("packageId") long packageId, @Param("shipmentId") long shipmentId);

    /** What one that has gone comes to. */
    @ChangesOneRow
    void updateAmounts(
            @Param("id") long id,
            @Param("freightCost") Money freightCost,
            @Param("customerCharge") Money customerCharge,
            @Param("margin") Money margin);

    @ChangesAnyRows
    void deleteChargeLines(long shipmentId);

    void insertChargeLines(@Param("shipmentId") long shipmentId, @Param("rows") List<ChargeLineRow> rows);

    List<ChargeLineRow> chargeLines(long shipmentId);
}
