package nobrec.server.document;

import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.outbox.Subject;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface PaperMapper {

    /** The bytes of a paper. */
    @SuppressWarnings("ArrayRecordComponent")
    record Pdf(byte[] pdf) {}

    void insert(@Param("papers") List<NewPaper> papers);

    List<PaperRow> of(@Param("kind") Subject.Kind kind, @Param("id") long id);

    /** All that counted so far. */
    @ChangesAnyRows
    void markVoid(@Param("kind") Subject.Kind kind, @Param("id") long id, @Param("voidBy") long voidBy);

    Optional<Pdf> pdf(long id);
}
