package nobrec.server.wordbook;

import java.util.List;
import nobrec.core.wordbook.WordKind;
import nobrec.server.platform.mapping.ChangesAnyRows;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface WordbookMapper {

    List<WordbookRow> all();

    void keep(WordbookRow row);

    @ChangesAnyRows
    int delete(@Param("source") String source, @Param("kind") WordKind kind, @Param("word") String word);
}
