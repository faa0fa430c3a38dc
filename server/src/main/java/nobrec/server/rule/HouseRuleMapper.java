package nobrec.server.rule;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface HouseRuleMapper {

    /** In their order. */
    List<HouseRuleRow> all();

    RuleSetRow set();

    /** Nobody else changes a rule until the transaction ends. */
    RuleSetRow lockedSet();

    @ChangesOneRow
    void insert(@Param("definition") String definition, @Param("by") String by, @Param("at") Instant at);

    /** How many rows it changed: none where it is gone. */
    @ChangesAnyRows
    int update(
            @Param("id") long id,
            @Param("definition") String definition,
            @Param("by") String by,
            @Param("at") Instant at);

    @ChangesAnyRows
    int delete(long id);

    @ChangesOneRow
    void place(@Param("id") long id, @Param("position") int position);

    @ChangesOneRow
    void newVersion(LocalDate countedOn);

    /** How many rows it changed: none where another server was first. */
    @ChangesAnyRows
    int countOn(@Param("day") LocalDate day, @Param("before") LocalDate before, @Param("another") boolean another);
}
