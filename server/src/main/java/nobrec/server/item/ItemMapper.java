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

    List<ItemRow> byBarcodes(@Param("barcodes") Collection<String> barcodes);

    Optional<ItemRow> locked(String key);

    /** A new one, or another in place of the one that is there. */
    void keep(NewItem item);

    /** A new one; one that is there stays as it is. */
    void add(NewItem item);

    @ChangesAnyRows
    int delete(String key);

    /** Numbers of items that were changed at a moment, from the one after an id on. */
    List<ItemRow> changedAt(@Param("at") Instant at, @Param("afterId") long afterId, @Param("limit") int limit);
}
