package nobrec.server.document;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.outbox.Subject;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface PaperMapper {

    /** The bytes of a paper, and what it hangs on. */
    @SuppressWarnings("ArrayRecordComponent")
    record Pdf(int packing, byte[] pdf, Subject.Kind subjectKind, long subjectId, String title) {}

    /** One that is kept as it was drawn. */
    @SuppressWarnings("ArrayRecordComponent")
    record Unpacked(long id, byte[] pdf) {}

    void insert(@Param("papers") List<NewPaper> papers);

    List<PaperRow> of(@Param("kind") Subject.Kind kind, @Param("id") long id);

    /** All that counted so far. */
    @ChangesAnyRows
    void markVoid(@Param("kind") Subject.Kind kind, @Param("id") long id, @Param("voidBy") long voidBy);

    /** The papers of one package, and those that list all of them, which bear the number zero. */
    @ChangesAnyRows
    void markPackageVoid(
            @Param("kind") Subject.Kind kind,
            @Param("id") long id,
            @Param("packageNumber") int packageNumber,
            @Param("voidBy") long voidBy);

    /** In the order in which they were drawn. */
    List<PrintablePaper> printable(@Param("ids") List<Long> ids);

    Optional<Pdf> pdf(long id);

    List<Unpacked> unpacked(@Param("madeBefore") Instant madeBefore, @Param("limit") int limit);

    /** Unless another server has done it. */
    @ChangesAnyRows
    int keepPacked(@Param("id") long id, @Param("pdf") byte[] pdf, @Param("packing") int packing);
}
