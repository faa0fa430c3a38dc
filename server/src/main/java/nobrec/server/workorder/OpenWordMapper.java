package nobrec.server.workorder;

import java.util.List;
import nobrec.core.charging.FreightTerms;
import nobrec.core.measure.Length;
import nobrec.core.measure.Weight;
import nobrec.core.wordbook.WordKind;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface OpenWordMapper {

    List<OpenWords.OpenEntry> all(int limit);

    int count(@Param("source") String source, @Param("kind") WordKind kind, @Param("word") String word);

    List<OpenWords.Use> uses(
            @Param("source") String source,
            @Param("kind") WordKind kind,
            @Param("word") String word,
            @Param("limit") int limit);

    long lockOrder(long workOrderId);

    @ChangesAnyRows
    void delete(long id);

    @ChangesOneRow
    void setService(@Param("id") long id, @Param("service") String service);

    @ChangesOneRow
    void setCarton(@Param("id") long id, @Param("carton") String carton);

    @ChangesOneRow
    void setSite(@Param("id") long id, @Param("site") String site);

    @ChangesOneRow
    void setOrigin(@Param("id") long id, @Param("origin") String origin);

    @ChangesOneRow
    void setTerms(@Param("id") long id, @Param("terms") FreightTerms terms);

    @ChangesOneRow
    void setBillTo(@Param("id") long id, @Param("billTo") @Nullable String billTo);

    @ChangesOneRow
    void setUnitWeight(@Param("id") long id, @Param("line") int line, @Param("weight") Weight weight);

    @ChangesOneRow
    void setUnitSize(
            @Param("id") long id,
            @Param("line") int line,
            @Param("length") Length length,
            @Param("width") Length width,
            @Param("height") Length height);
}
