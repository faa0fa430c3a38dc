package nobrec.server.workorder;

import java.util.Collection;
import java.util.List;
import nobrec.core.intake.OpenWord;
import nobrec.server.platform.mapping.ChangesAnyRows;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface LineItemMapper {

    List<Long> openOrdersWith(
            @Param("numbers") Collection<String> numbers, @Param("afterId") long afterId, @Param("limit") int limit);

    /** Of the lines of a work order. */
    List<OpenWord> openWords(long orderId);

    @ChangesAnyRows
    void updateFacts(WorkOrderLineRow line);

    long lock(long orderId);
}
