package nobrec.server.workorder;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import nobrec.core.address.PostalAddress;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface WorkOrderMapper {

    Optional<WorkOrderRow> byNumber(String number);

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

    void updateStatus(@Param("id") long id, @Param("status") WorkOrderStatus status);

    void updatePhone(@Param("id") long id, @Param("phone") String phone);

    void updateShipTo(@Param("id") long id, @Param("shipTo") PostalAddress shipTo);

    void updateCarrierAccount(@Param("id") long id, @Param("account") String account);

    void shipLine(@Param("lineId") long lineId, @Param("quantity") int quantity);

    /** Nobody else opens or ships it until the transaction ends. */
    Optional<Long> lock(long id);
}
