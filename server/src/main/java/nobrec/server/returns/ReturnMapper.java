package nobrec.server.returns;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import nobrec.core.returns.ReturnState;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface ReturnMapper {

    void insert(@Param("fresh") NewReturn fresh);

    void insertLines(@Param("lines") List<ReturnLineRow> lines);

    Optional<ReturnRow> byId(long id);

    Optional<ReturnRow> byIdLocked(long id);

    Optional<ReturnRow> byTrackingNumber(String trackingNumber);

    List<ReturnRow> ofJob(long workOrderId);

    List<ReturnLineRow> linesOf(@Param("ids") Collection<Long> ids);

    /** The newest first. @param dueBefore null for whatever is due */
    List<ReturnRow> look(
            @Param("states") List<ReturnState> states,
            @Param("dueBefore") @Nullable LocalDate dueBefore,
            @Param("before") @Nullable Long before,
            @Param("limit") int limit);

    /** How many there are, counted no further than a limit. */
    int count(
            @Param("states") List<ReturnState> states,
            @Param("dueBefore") @Nullable LocalDate dueBefore,
            @Param("limit") int limit);

    /** Pieces of a shipment's lines that are to come back, or have. */
    List<AwaitedRow> awaited(@Param("shipmentId") long shipmentId, @Param("notStates") List<ReturnState> notStates);

    /** Pieces of a line. */
    record AwaitedRow(long workOrderLineId, int pieces) {}

    /** Whether a shipment has a return in one of these states. */
    boolean hasReturn(@Param("shipmentId") long shipmentId, @Param("states") List<ReturnState> states);

    @ChangesOneRow
    void move(
            @Param("id") long id,
            @Param("from") ReturnState from,
            @Param("to") ReturnState to,
            @Param("due") LocalDate due,
            @Param("said") String said);

    @ChangesOneRow
    void keepNumber(@Param("id") long id, @Param("trackingNumber") String trackingNumber);

    /** Those in a state that are due then and that nobody was reminded of, in order of their ids. */
    List<Long> unreminded(
            @Param("state") ReturnState state,
            @Param("dueFrom") LocalDate dueFrom,
            @Param("dueUntil") LocalDate dueUntil,
            @Param("after") long after,
            @Param("limit") int limit);

    @ChangesOneRow
    void remind(@Param("id") long id, @Param("at") Instant at);

    @ChangesOneRow
    void receive(@Param("id") long id, @Param("by") String by, @Param("at") Instant at, @Param("came") String came);

    @ChangesAnyRows
    int keepCame(@Param("lines") List<ReturnLineRow> lines);

    /** What received returns cost, by customer and reason, the dearest first. */
    List<ReturnCostRow> costs(@Param("from") Instant from, @Param("until") Instant until, @Param("limit") int limit);
}
