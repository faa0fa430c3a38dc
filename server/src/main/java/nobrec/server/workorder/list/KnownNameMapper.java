package nobrec.server.workorder.list;

import java.time.LocalDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface KnownNameMapper {

    /** By the clock that names are noted by. */
    LocalDateTime now();

    /** Names that were noted since a moment. */
    List<KnownNames.Noted> since(LocalDateTime moment);
}
