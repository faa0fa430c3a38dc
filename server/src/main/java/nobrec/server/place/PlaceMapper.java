package nobrec.server.place;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import nobrec.core.address.OutsideVerdict;
import nobrec.core.address.PlaceKind;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface PlaceMapper {

    List<PlaceId> idsOf(@Param("keys") Collection<String> keys);

    Optional<String> noteOf(@Param("key") String key);

    void insert(NewPlace place);

    Optional<PlaceRow> byId(long id);

    Optional<PlaceRow> byIdLocked(long id);

    /** Those whose names or city hold all of these words, by company and id. */
    List<PlaceRow> page(@Param("words") List<String> words, @Param("after") long after, @Param("limit") int limit);

    /** All of them, some at a time. */
    List<PlaceRow> all(@Param("after") long after, @Param("limit") int limit);

    @ChangesOneRow
    void noteService(
            @Param("id") long id,
            @Param("verdict") OutsideVerdict.Deliverable verdict,
            @Param("said") String said,
            @Param("at") Instant at);

    @ChangesOneRow
    void describe(
            @Param("id") long id,
            @Param("phone") String phone,
            @Param("note") String note,
            @Param("kind") @Nullable PlaceKind kind,
            @Param("saidBy") String saidBy);

    @ChangesOneRow
    void accept(@Param("id") long id, @Param("by") String by, @Param("at") Instant at, @Param("as") String fingerprint);

    /** Who accepted an address that is written like this. */
    Optional<AcceptedRow> acceptedAs(@Param("key") String key, @Param("as") String fingerprint);

    /** A place and all that were merged into it are another one from now on. */
    @ChangesAnyRows
    void merge(@Param("from") long from, @Param("into") long into);
}
