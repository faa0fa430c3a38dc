package nobrec.server.workorder;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import nobrec.core.layout.OrderField;
import nobrec.core.workorder.InvoiceState;
import nobrec.core.workorder.ShortChoice;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

@Mapper
interface WorkOrderMapper {

    Optional<WorkOrderRow> byNumber(String number);

    List<String> likeNumber(String number);

    List<String> ofCustomerPo(String po);

    Optional<Long> idOf(String number);

    Optional<WorkOrderRow> byId(long id);

    Instant cameIn(long id);

    long lastTyped(@Param("source") String source, @Param("prefix") String prefix);

    List<WorkOrderRow> byIds(@Param("ids") Collection<Long> ids);

    /** Not shipped and promised for a day, the earliest first. */
    List<OpenOrderRow> promised(@Param("limit") int limit);

    /** Not shipped and not promised. */
    List<OpenOrderRow> withoutPromise(@Param("limit") int limit);

    List<OrderWeightRow> weights(@Param("ids") Collection<Long> ids);

    List<WorkOrderLineRow> linesOf(@Param("workOrderIds") Collection<Long> workOrderIds);

    List<UnknownWordRow> wordsOf(@Param("workOrderIds") Collection<Long> workOrderIds);

    void insertWord(NewWord word);

    void insert(NewOrder order);

    void insertLine(WorkOrderLineRow line);

    @ChangesOneRow
    void markShipped(@Param("id") long id, @Param("day") LocalDate day);

    @ChangesOneRow
    void updateStatus(@Param("id") long id, @Param("status") WorkOrderStatus status);

    @ChangesOneRow
    void updateHead(@Param("id") long id, @Param("row") WorkOrderRow row);

    @ChangesAnyRows
    void deleteLines(long id);

    @ChangesAnyRows
    void deleteLineWords(long id);

    @ChangesAnyRows
    void deleteWord(@Param("id") long id, @Param("field") OrderField field, @Param("line") int line);

    @ChangesOneRow
    void updatePlace(
            @Param("id") long id, @Param("place") @Nullable Long place, @Param("kind") @Nullable PlaceKind kind);

    @Nullable
    Long placeOf(long id);

    List<Long> openAt(long place);

    List<Long> withoutPlace(@Param("ids") Collection<Long> ids);

    @ChangesOneRow
    void updateWhenShort(@Param("id") long id, @Param("choice") ShortChoice choice);

    @ChangesOneRow
    void updateQuoted(@Param("id") long id, @Param("quoted") Money quoted, @Param("held") boolean held);

    @ChangesOneRow
    void updateInvoiceState(@Param("id") long id, @Param("state") InvoiceState state);

    @ChangesAnyRows
    void updateShipToOfLines(
            @Param("id") long id, @Param("lines") Collection<Long> lines, @Param("shipTo") @Nullable String shipTo);

    List<String> goingThereToo(@Param("id") long id, @Param("limit") int limit);

    List<String> goingThereNotYet(@Param("id") long id, @Param("limit") int limit);

    @ChangesAnyRows
    void moveTo(@Param("from") long from, @Param("into") long into);

    List<AtPlace> atPlaces(@Param("places") Collection<Long> places);

    List<PastJob> newestAt(@Param("place") long place, @Param("limit") int limit);

    List<NewOrderId> idsBySource(@Param("source") String source, @Param("numbers") Collection<String> numbers);

    /** Of those that belong to a system, by their numbers there. */
    List<NewOrderId> idsByOrigin(@Param("origin") String origin, @Param("numbers") Collection<String> numbers);

    @ChangesAnyRows
    void holdUnshipped(@Param("id") long id, @Param("hold") String hold);

    @ChangesOneRow
    void updateHold(@Param("id") long id, @Param("hold") String hold);

    @ChangesOneRow
    void updatePhone(@Param("id") long id, @Param("phone") String phone);

    @ChangesOneRow
    void updatePlaceKind(@Param("id") long id, @Param("placeKind") PlaceKind placeKind);

    @ChangesOneRow
    void updateShipTo(@Param("id") long id, @Param("shipTo") PostalAddress shipTo);

    @ChangesOneRow
    void updateCarrierAccount(@Param("id") long id, @Param("account") String account);

    /** Pieces have left, by line id. */
    @ChangesAnyRows
    void shipLines(@Param("pieces") Map<Long, Integer> pieces);

    @ChangesAnyRows
    void bringLinesBack(@Param("pieces") Map<Long, Integer> pieces);

    @ChangesOneRow
    void markBack(long id);

    /** The work orders of these lines, with what has not left of each. */
    List<LeftOfOrder> leftOfOrders(@Param("lines") Collection<Long> lines);

    /** Nobody else opens or ships it until the transaction ends. */
    Optional<Long> lock(long id);

    List<Long> idsOfLines(@Param("lineIds") Collection<Long> lineIds);

    /** Those of the numbers that work orders of a source have. */
    List<String> numbersHere(@Param("source") String source, @Param("numbers") Collection<String> numbers);
}
