package nobrec.server.item;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface ItemMapper {

    /** By number, from the one after a key on. */
    List<ItemRow> page(@Param("text") String text, @Param("after") String after, @Param("limit") int limit);

    List<ItemRow> byKeys(@Param("keys") Collection<String> keys);

    Optional<ItemRow> locked(String key);

    /** New ones, and others in place of those that are there. */
    @ChangesAnyRows
    void keep(@Param("rows") String rows, @Param("by") String by, @Param("at") Instant at);

    /** How many are new: those that are there stay as they are. */
    @ChangesAnyRows
    int add(@Param("rows") String rows, @Param("by") String by, @Param("at") Instant at);

    @ChangesAnyRows
    int delete(String key);

    /** Numbers of items that were changed at a moment, from the one after an id on. */
    List<ItemRow> changedAt(@Param("at") Instant at, @Param("afterId") long afterId, @Param("limit") int limit);
}
