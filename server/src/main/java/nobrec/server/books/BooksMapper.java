package nobrec.server.books;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import nobrec.server.platform.outbox.Subject;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface BooksMapper {

    Optional<BooksSetUp> setUp();

    Optional<BooksSetUp> setUpLocked();

    @ChangesAnyRows
    void keepSetUp(
            @Param("row") BooksSetUp row, @Param("changedBy") String changedBy, @Param("changedAt") Instant changedAt);

    List<AccountRuleRow> rules();

    @ChangesAnyRows
    void forgetRules();

    @ChangesAnyRows
    void insertRules(@Param("rows") List<AccountRuleRow> rows);

    @ChangesOneRow
    void insert(JournalRow row);

    /** Those of a subject that nothing takes back. */
    List<JournalRow> standing(@Param("kind") Subject.Kind kind, @Param("id") long id);

    List<AccountBalance> balance(@Param("from") LocalDate from, @Param("until") LocalDate until);

    /** In the order of their days. */
    List<JournalRow> part(
            @Param("from") LocalDate from,
            @Param("until") LocalDate until,
            @Param("afterDay") LocalDate afterDay,
            @Param("afterId") long afterId,
            @Param("limit") int limit);
}
