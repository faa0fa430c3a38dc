package nobrec.server.document.kept;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface PaperDesignMapper {

    List<PaperDesignRow> all(PaperDesignKind kind);

    Optional<PaperDesignRow> locked(@Param("kind") PaperDesignKind kind, @Param("id") long id);

    @ChangesOneRow
    void insert(
            @Param("kind") PaperDesignKind kind,
            @Param("name") String name,
            @Param("definition") String definition,
            @Param("changedBy") String changedBy,
            @Param("changedAt") Instant changedAt);

    /** What it failed with before is of no concern to what it is now. */
    @ChangesOneRow
    void update(
            @Param("id") long id,
            @Param("definition") String definition,
            @Param("changedBy") String changedBy,
            @Param("changedAt") Instant changedAt);

    @ChangesOneRow
    void withdraw(
            @Param("id") long id,
            @Param("withdrawn") boolean withdrawn,
            @Param("changedBy") String changedBy,
            @Param("changedAt") Instant changedAt);

    @ChangesAnyRows
    void noteFailure(
            @Param("kind") PaperDesignKind kind,
            @Param("name") String name,
            @Param("failure") String failure,
            @Param("at") Instant at);
}
