package nobrec.server.packing;

import java.time.Instant;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface UndoMapper {

    void insert(UndoRow row);

    /** The newest act on a shipment that can be taken back. */
    Optional<UndoRow> newest(long shipmentId);

    @ChangesOneRow
    void delete(long id);

    @ChangesAnyRows
    int deleteBefore(@Param("at") Instant at, @Param("limit") int limit);
}
