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

    /** Jobs whose number begins or ends with a word, or whose purchase order begins with it; at most the limit of each. */
    List<Long> withNumber(@Param("word") Word word, @Param("limit") int limit);

    List<Long> ofCustomers(@Param("names") List<String> names, @Param("limit") int limit);

    /** By the name on the ship-to and by the person; at most the limit of each. */
    List<Long> ofReceivers(@Param("names") List<String> names, @Param("limit") int limit);

    List<Long> inCities(@Param("names") List<String> names, @Param("limit") int limit);

    List<Long> withItems(@Param("names") List<String> names, @Param("limit") int limit);

    Optional<String> contentsOf(String number);

    /** Names of the shop's own fields that jobs have. */
    List<String> fieldNames();

    ChosenSum sum(@Param("numbers") Collection<String> numbers);
}
