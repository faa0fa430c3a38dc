package nobrec.server.payment;

import java.time.Instant;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface InvoiceTurnMapper {

    InvoiceTurnRow turn();

    /** @return one for the server whose turn it is, zero for the others */
    @ChangesAnyRows
    int take(@Param("nextAt") Instant nextAt, @Param("later") Instant later);

    /** Where the books called meanwhile they are asked at once, so nothing is changed then. */
    @ChangesAnyRows
    void ended(
            @Param("taken") Instant taken,
            @Param("nextAt") Instant nextAt,
            @Param("failures") int failures,
            @Param("said") String said);

    @ChangesOneRow
    void askAt(Instant now);
}
