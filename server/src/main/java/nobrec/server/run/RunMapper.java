package nobrec.server.run;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface RunMapper {

    void insert(@Param("run") NewRun run);

    void insertJobs(@Param("rows") List<RunJobRow> rows);

    Optional<RunRow> byId(long id);

    /** The same, and nobody else begins anything with it until the transaction ends. */
    Optional<RunRow> byIdLocked(long id);

    List<RunRow> newest(@Param("before") @Nullable Long before, @Param("limit") int limit);

    List<RunJobRow> jobs(long run);

    List<RunJobRow> someJobs(@Param("run") long run, @Param("jobs") Collection<String> jobs);

    /** The first ones in a state, in the run's order. */
    List<RunJobRow> first(@Param("run") long run, @Param("state") RunJobState state, @Param("limit") int limit);

    List<StateCount> counts(long run);

    @ChangesOneRow
    void task(@Param("id") long id, @Param("task") long task);

    @ChangesOneRow
    void started(@Param("id") long id, @Param("by") String by, @Param("at") Instant at);

    /** As it was looked at. */
    @ChangesOneRow
    void keep(@Param("row") RunJobRow row);

    @ChangesOneRow
    void shipping(@Param("run") long run, @Param("position") int position, @Param("shipment") long shipment);

    @ChangesOneRow
    void ended(
            @Param("run") long run,
            @Param("position") int position,
            @Param("state") RunJobState state,
            @Param("tracking") String tracking,
            @Param("reason") String reason,
            @Param("remedy") String remedy,
            @Param("at") Instant at);

    /** Those that have not gone are taken out. */
    @ChangesAnyRows
    int remove(@Param("run") long run, @Param("jobs") Collection<String> jobs);
}
