package nobrec.server.job;

import java.time.Instant;
import java.util.List;
import nobrec.server.platform.mapping.ChangesAnyRows;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface JobNoteMapper {

    List<JobNotes.Note> of(@Param("workOrderId") long workOrderId, @Param("limit") int limit);

    int count(long workOrderId);

    void insert(
            @Param("workOrderId") long workOrderId,
            @Param("at") Instant at,
            @Param("signIn") String signIn,
            @Param("text") String text);

    @ChangesAnyRows
    int delete(@Param("id") long id, @Param("workOrderId") long workOrderId, @Param("signIn") String signIn);
}
