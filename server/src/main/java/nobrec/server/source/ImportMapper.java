package nobrec.server.source;

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

    /** Locks the source's row until the transaction ends, or fails at once when somebody else has it. */
    String takeTurn(String source);

    void insert(NewImportRun run);

    @ChangesOneRow
    void complete(
            @Param("id") long id,
            @Param("taken") int taken,
            @Param("recognized") int recognized,
            @Param("leftOut") int leftOut,
            @Param("faults") int faults);

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
