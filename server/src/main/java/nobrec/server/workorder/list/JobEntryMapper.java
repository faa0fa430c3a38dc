package nobrec.server.workorder.list;

import java.util.Collection;
import java.util.List;
import nobrec.core.joblist.JobSums;
import nobrec.core.measure.Weight;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

@Mapper
interface JobEntryMapper {

    void insertField(JobEntries.FieldRow field);

    @ChangesAnyRows
    void deleteFields(long id);

    /** Those of the names that are known, as they are written there. */
    List<String> names(@Param("kind") NameKind kind, @Param("names") Collection<String> names);

    void insertName(PlainName name);

    @ChangesOneRow
    void sumUp(
            @Param("id") long id,
            @Param("sums") JobSums sums,
            @Param("weight") @Nullable Weight weight,
            @Param("value") @Nullable Money value,
            @Param("contents") String contents);
}
