package nobrec.server.printing;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface PrintMapper {

    List<PrinterRow> printers();

    Optional<PrinterRow> printer(String code);

    /** Also one that was never spoken to. */
    @ChangesAnyRows
    void keepFacts(@Param("row") PrinterRow row, @Param("nextCallAt") Instant nextCallAt);

    /** What it said stays; that it does not answer is added. */
    @ChangesAnyRows
    void keepSilence(
            @Param("code") String code,
            @Param("said") String said,
            @Param("failures") int failures,
            @Param("nextCallAt") Instant nextCallAt);

    /** Printers with something to send or to follow, whose turn has come and whom no server speaks with. */
    List<String> due(Instant now);

    /** @return whether this server speaks with it until then */
    @ChangesAnyRows
    int lease(@Param("code") String code, @Param("now") Instant now, @Param("until") Instant until);

    /** Another server may speak with it, unless one does already. */
    @ChangesAnyRows
    void release(@Param("code") String code, @Param("until") Instant until);

    /** Its turn comes at once, whatever it was put off to; also that of one that was never spoken to. */
    @ChangesAnyRows
    void makeDue(@Param("code") String code, @Param("now") Instant now);

    /** Routes of a desk, and of all desks where it says nothing. */
    List<PrintRoute> routes(String desk);

    List<String> desks();

    @ChangesAnyRows
    void deleteRoutes(String desk);

    @ChangesAnyRows
    void insertRoute(@Param("desk") String desk, @Param("route") PrintRoute route);

    @ChangesOneRow
    void insertJob(@Param("job") NewPrintJob job);

    Optional<PrintJobRow> job(long id);

    Optional<PrintJobRow> jobLocked(long id);

    /** Those of a printer in a state, the oldest first. */
    List<PrintJobRow> ofPrinter(
            @Param("code") String code, @Param("state") PrintState state, @Param("limit") int limit);

    /** How many of a printer are open. */
    int open(String code);

    /**
     * The newest first.
     *
     * @param state null for all
     * @param before only those with a smaller id; null for all
     */
    List<PrintJobRow> newest(
            @Param("state") @Nullable PrintState state,
            @Param("before") @Nullable Long before,
            @Param("limit") int limit);

    /** One that is open: what became of it. */
    @ChangesAnyRows
    int settle(
            @Param("id") long id,
            @Param("state") PrintState state,
            @Param("printerJob") @Nullable Integer printerJob,
            @Param("said") String said,
            @Param("doneAt") @Nullable Instant doneAt);

    /** One that waits is about to be sent, or was not taken; nothing where somebody else has marked it meanwhile. */
    @ChangesAnyRows
    int markTried(@Param("id") long id, @Param("before") boolean before, @Param("tried") boolean tried);

    @ChangesAnyRows
    void sayOfWaiting(@Param("code") String code, @Param("said") String said);

    @ChangesAnyRows
    void deleteDoneBefore(Instant moment);
}
