package nobrec.server.tracking;

import java.util.Collection;
import java.util.List;
import nobrec.server.platform.mapping.ChangesAnyRows;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface OnTimeMapper {

    @ChangesAnyRows
    void add(OnTimeRow row);

    List<OnTimeRow> of(
            @Param("services") Collection<String> services,
            @Param("sites") Collection<Long> sites,
            @Param("areas") Collection<String> areas);
}
