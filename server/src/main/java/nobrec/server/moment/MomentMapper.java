package nobrec.server.moment;

import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface MomentMapper {

    /** @return no row where it was reached before and can be reached once only */
    @ChangesAnyRows
    int insert(MomentRow row);

    /** In the order in which they became known. */
    List<MomentRow> of(long shipmentId);

    Optional<MomentRow> latest(long shipmentId);
}
