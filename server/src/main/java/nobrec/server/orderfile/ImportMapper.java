package nobrec.server.orderfile;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.core.intake.RowFault;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface ImportMapper {

    /** Its id. */
    long insert(
            @Param("fileName") String fileName,
            @Param("layoutName") String layoutName,
            @Param("at") Instant at,
            @Param("signIn") String signIn,
            @Param("state") ImportState state,
            @Param("reading") String reading,
            @Param("rowCount") int rowCount);

    void insertPart(@Param("runId") long runId, @Param("position") int position, @Param("bytes") byte[] bytes);

    int countParts(long runId);

    FilePart part(@Param("runId") long runId, @Param("position") int position);

    @ChangesAnyRows
    void deleteParts(long runId);

    @ChangesAnyRows
    void deletePartsBefore(Instant before);

    @ChangesOneRow
    void begin(@Param("id") long id, @Param("taskId") long taskId);

    @ChangesOneRow
    void setReading(@Param("id") long id, @Param("layoutName") String layoutName, @Param("reading") String reading);

    @ChangesOneRow
    void count(
            @Param("id") long id,
            @Param("taken") int taken,
            @Param("recognized") int recognized,
            @Param("leftOut") int leftOut,
            @Param("faults") int faults);

    @ChangesOneRow
    void finish(long id);

    @ChangesOneRow
    void delete(long id);

    Optional<ImportRunRow> locked(long id);

    void insertFaults(@Param("runId") long runId, @Param("faults") List<RowFault> faults);

    Optional<ImportRunRow> byId(long id);

    Optional<ImportRunRow> newest();

    List<RowFault> faultsOf(long runId);

    /** What stayed out of the newest runs that nobody is done with. */
    List<OpenFaults.FaultyOrder> open();

    /** Settled already is settled. */
    @ChangesAnyRows
    void settle(@Param("id") long id, @Param("at") Instant at, @Param("signIn") String signIn);
}
