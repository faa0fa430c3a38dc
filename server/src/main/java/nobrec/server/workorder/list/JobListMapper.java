package nobrec.server.workorder.list;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface JobListMapper {

    /** How many jobs are like this, at most the limit. */
    int count(@Param("asked") Asked asked, @Param("limit") int limit);

    /** A part of a list of few jobs: they are found first, then sorted. */
    List<JobListRow> few(@Param("asked") Asked asked, @Param("most") int most, @Param("limit") int limit);

    /** A part of a list of many jobs: they are met in their order until there are enough. */
    List<JobListRow> many(@Param("asked") Asked asked, @Param("limit") int limit);

    /** Those of the candidates that are like this. */
    List<Long> among(@Param("asked") Asked asked);

    /** A part of a list of the candidates. */
    List<JobListRow> those(@Param("asked") Asked asked, @Param("limit") int limit);

    /** Jobs that a word is in, at most the limit. */
    List<Long> hits(@Param("word") Word word, @Param("limit") int limit);

    /** Whether names of one kind that have it are in as many jobs as the limit says, so that nothing more must be counted. */
    boolean isCommon(@Param("word") Word word, @Param("limit") int limit);

    Optional<String> contentsOf(String number);

    /** Names of the shop's own fields that jobs have. */
    List<String> fieldNames();

    ChosenSum sum(@Param("numbers") Collection<String> numbers);
}
