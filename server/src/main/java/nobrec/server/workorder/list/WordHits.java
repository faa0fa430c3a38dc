package nobrec.server.workorder.list;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import org.springframework.stereotype.Component;

/** Which jobs a word is in, as far as they are few: looked for in one column after the other, until they are many. */
@Component
class WordHits {

    private static final int NAMES_AT_ONCE = 200;

    private final JobListMapper mapper;

    WordHits(JobListMapper mapper) {
        this.mapper = mapper;
    }

    /** Ids of the jobs that a word is in; none where they are more than the most. */
    Optional<Set<Long>> of(Word word, int most) {
        Set<Long> hits = new HashSet<>();
        boolean few = named(hits, most, word.customers(), mapper::ofCustomers)
                && named(hits, most, word.items(), mapper::withItems)
                && named(hits, most, word.cities(), mapper::inCities)
                && named(hits, most, word.receivers(), mapper::ofReceivers)
                && add(hits, most, mapper.withNumber(word, most + 1));
        return few ? Optional.of(hits) : Optional.empty();
    }

    /** Adds the jobs that have one of these names; false once they are more than the most. */
    private static boolean named(
            Set<Long> hits, int most, Word.Names names, BiFunction<List<String>, Integer, List<Long>> jobs) {
        List<String> all = names.all();
        for (int from = 0; from < all.size(); from += NAMES_AT_ONCE) {
            List<String> some = all.subList(from, Math.min(all.size(), from + NAMES_AT_ONCE));
            if (!add(hits, most, jobs.apply(some, most + 1))) {
                return false;
            }
        }
        return true;
    }

    private static boolean add(Set<Long> hits, int most, List<Long> more) {
        hits.addAll(more);
        return hits.size() <= most;
    }
}
