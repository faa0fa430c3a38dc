package nobrec.server.document.kept;

import java.time.Instant;
import java.util.List;
import nobrec.server.platform.mapping.ChangesAnyRows;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface PaperDefaultMapper {

    record Row(PaperPurpose purpose, String value) {}

    List<Row> all();

    @ChangesAnyRows
    void set(
            @Param("purpose") PaperPurpose purpose,
            @Param("value") String value,
            @Param("changedBy") String changedBy,
            @Param("changedAt") Instant changedAt);
}
