package nobrec.server.workorder.list;

import java.util.List;
import java.util.Optional;
import nobrec.core.joblist.JobColumn;
import nobrec.core.joblist.JobCondition;
import nobrec.server.platform.Literal;
import org.jspecify.annotations.Nullable;

/**
 * What is asked of the database.
 *
 * @param words that are in so many jobs that they are looked at in each; the others have found the candidates
 * @param candidates those that it can be; null where it may be any
 * @param after where the part before ended; null for the first part
 */
record Asked(
        List<Condition> conditions,
        List<Word> words,
        @Nullable List<Long> candidates,
        JobColumn sort,
        boolean descending,
        @Nullable JobCursor after) {

    /** A condition as the statement takes it. */
    record Condition(
            String kind,
            String name,
            List<String> words,
            @Nullable Object first,
            @Nullable Object last,
            boolean so) {

        static Condition of(JobCondition condition) {
            String fact = condition.fact().name();
            if (condition instanceof JobCondition.OneOf one) {
                return new Condition(fact, "", one.words(), null, null, false);
            }
            if (condition instanceof JobCondition.FieldSays field) {
                return new Condition(fact, field.name(), field.words(), null, null, false);
            }
            if (condition instanceof JobCondition.Is is) {
                return new Condition(fact, "", List.of(), null, null, is.so());
            }
            if (condition instanceof JobCondition.BeginsWith begins) {
                return new Condition("BEGINNING", "", List.of(), Literal.of(begins.beginning()), null, false);
            }
            if (condition instanceof JobCondition.Numbers numbers) {
                return new Condition(fact, "", List.of(), numbers.first(), numbers.last(), false);
            }
            if (condition instanceof JobCondition.Days days) {
                return between(fact, days.first(), days.last());
            }
            JobCondition.Amount amount = (JobCondition.Amount) condition;
            return between(fact, amount.least(), amount.most());
        }

        private static Condition between(String fact, Optional<?> first, Optional<?> last) {
            return new Condition(fact, "", List.of(), first.orElse(null), last.orElse(null), false);
        }
    }

    /** The same among some jobs only. */
    Asked among(List<Long> ids) {
        return new Asked(conditions, words, ids, sort, descending, after);
    }

    /** Whether every candidate is one that is asked for. */
    boolean isFound() {
        return candidates != null && conditions.isEmpty() && words.isEmpty();
    }

    /** The same from a place in the list on. */
    Asked from(@Nullable JobCursor cursor) {
        return new Asked(conditions, words, candidates, sort, descending, cursor);
    }
}
