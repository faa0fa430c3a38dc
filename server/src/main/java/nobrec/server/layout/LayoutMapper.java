package nobrec.server.layout;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface LayoutMapper {

    List<LayoutRow> all();

    Optional<LayoutRow> locked(long id);

    Optional<Long> idOfHeading(String fingerprint);

    boolean isTaken(@Param("name") String name, @Param("exceptId") long exceptId);

    /** Its id. */
    long insert(
            @Param("name") String name,
            @Param("definition") String definition,
            @Param("changedBy") String changedBy,
            @Param("changedAt") Instant changedAt);

    @ChangesOneRow
    void update(
            @Param("id") long id,
            @Param("name") String name,
            @Param("definition") String definition,
            @Param("changedBy") String changedBy,
            @Param("changedAt") Instant changedAt);

    /** The heading is read by this layout from now on. */
    void bind(@Param("fingerprint") String fingerprint, @Param("id") long id);

    @ChangesAnyRows
    void delete(long id);
}
