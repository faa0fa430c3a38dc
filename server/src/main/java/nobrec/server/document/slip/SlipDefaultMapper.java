package nobrec.server.document.slip;

import java.time.Instant;
import java.util.List;
import nobrec.server.platform.mapping.ChangesAnyRows;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface SlipDefaultMapper {

    record DefaultRow(boolean abroad, String name) {}

    List<DefaultRow> all();

    @ChangesAnyRows
    void set(
            @Param("abroad") boolean abroad,
            @Param("name") String name,
            @Param("changedBy") String changedBy,
            @Param("changedAt") Instant changedAt);
}
