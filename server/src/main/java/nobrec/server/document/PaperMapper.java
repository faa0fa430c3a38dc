package nobrec.server.document;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface PaperMapper {

    /** The bytes of a paper. */
    @SuppressWarnings("ArrayRecordComponent")
    record Pdf(byte[] pdf) {}

    void insert(NewPaper paper);

    List<PaperRow> of(long shipmentId);

    Optional<Pdf> pdf(long id);
}
