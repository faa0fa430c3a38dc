package nobrec.server.subscription;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import nobrec.core.telling.Moment;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface SubscriptionMapper {

    List<SubscriptionRow> all();

    Optional<SubscriptionRow> locked(String code);

    @ChangesAnyRows
    void keep(
            @Param("row") SubscriptionRow row,
            @Param("changedBy") String changedBy,
            @Param("changedAt") Instant changedAt);

    @ChangesOneRow
    void insert(EventRow row);

    /** The next number; nobody else gives one until the transaction ends. */
    long nextLocked();

    @ChangesOneRow
    void keepNext(long next);

    /** Those without a number that are certain, in the order in which they were made. */
    List<EventRow> unnumbered(int limit);

    boolean hasUnnumbered();

    @ChangesOneRow
    void number(@Param("id") long id, @Param("number") long number);

    /** Those of some moments behind a number, in its order. */
    List<EventRow> behind(
            @Param("number") long number, @Param("moments") Collection<Moment> moments, @Param("limit") int limit);
}
