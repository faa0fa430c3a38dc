package nobrec.server.workorder;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.address.PostalAddress;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface WorkOrderMapper {

    Optional<WorkOrderRow> byNumber(String number);

    Optional<Long> idOf(String number);

    Optional<WorkOrderRow> byId(long id);

    List<WorkOrderRow> byIds(@Param("ids") Collection<Long> ids);

    List<WorkOrderRow> notShipped(@Param("limit") int limit);

    List<WorkOrderListRow> page(
            @Param("status") WorkOrderStatus status,
            @Param("text") String text,
            @Param("beforeId") Long beforeId,
            @Param("limit") int limit);

    List<WorkOrderLineRow> linesOf(@Param("workOrderIds") Collection<Long> workOrderIds);

    /** No row when the number is there already. */
    int insertIfNew(NewWorkOrder workOrder);

    void insertLines(@Param("rows") List<WorkOrderLineRow> rows);

    @ChangesOneRow
    void updateStatus(@Param("id") long id, @Param("status") WorkOrderStatus status);

    @ChangesOneRow
    void updatePhone(@Param("id") long id, @Param("phone") String phone);

    @ChangesOneRow
    void updateShipTo(@Param("id") long id, @Param("shipTo") PostalAddress shipTo);

    @ChangesOneRow
    void updateCarrierAccount(@Param("id") long id, @Param("account") String account);

    /** Pieces have left, by line id. */
    @ChangesAnyRows
    void shipLines(@Param("pieces") Map<Long, Integer> pieces);

    /** Shipped when all of it has left, else ready for the rest. */
    @ChangesOneRow
    void updateStatusAfterShipping(long id);

    /** Nobody else opens or ships it until the transaction ends. */
    Optional<Long> lock(long id);
}
