package nobrec.server.bench;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface FreightQuoteMapper {

    void insert(FreightQuoteRow quote);

    /** Made for a job, or taken into it; the newest first. */
    List<FreightQuoteRow> of(@Param("job") long job, @Param("limit") int limit);

    Optional<FreightQuoteRow> locked(long id);

    @ChangesOneRow
    void take(
            @Param("id") long id,
            @Param("job") long job,
            @Param("held") boolean held,
            @Param("by") String by,
            @Param("at") Instant at);
}
