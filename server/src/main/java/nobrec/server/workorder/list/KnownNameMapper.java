package nobrec.server.workorder.list;

import java.time.LocalDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface KnownNameMapper {

    /** Names that were noted since a moment, the oldest first. */
    List<KnownNames.Noted> since(LocalDateTime moment);
}
