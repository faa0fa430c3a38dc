package nobrec.server.platform.kept;

import java.time.Instant;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface KeptDocumentMapper {

    Optional<KeptDocumentRow> byCode(String code);

    Optional<Integer> versionLocked(String code);

    @ChangesAnyRows
    void keep(
            @Param("code") String code,
            @Param("definition") String definition,
            @Param("changedBy") String changedBy,
            @Param("changedAt") Instant changedAt);
}
