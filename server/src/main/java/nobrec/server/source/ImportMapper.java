package nobrec.server.source;

import java.util.List;
import java.util.Optional;
import nobrec.core.intake.RowFault;
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
            @Param("recognised") int recognised,
            @Param("leftOut") int leftOut);

    void insertFaults(@Param("runId") long runId, @Param("faults") List<RowFault> faults);

    Optional<ImportRunRow> byId(long id);

    Optional<ImportRunRow> newest();

    List<RowFault> faultsOf(long runId);
}
