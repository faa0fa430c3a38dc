package nobrec.core.joblist;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/** One thing that is asked of every job of a list. */
public sealed interface JobCondition {

    JobFact fact();

    /** It says one of these words, letter case aside. */
    record OneOf(JobFact fact, List<String> words) implements JobCondition {
        public OneOf {
            words = List.copyOf(words);
        }
    }

    /** One of the shop's own fields says one of these words. */
    record FieldSays(String name, List<String> words) implements JobCondition {
        public FieldSays {
            words = List.copyOf(words);
        }

        @Override
        public JobFact fact() {
            return JobFact.FIELD;
        }
    }

    /** It is so, or it is not. */
    record Is(JobFact fact, boolean so) implements JobCondition {}

    /** Its number begins like this. */
    record BeginsWith(String beginning) implements JobCondition {
        @Override
        public JobFact fact() {
            return JobFact.NUMBER;
        }
    }

    /** Its number is as long as these and neither before the first nor after the last. */
    record Numbers(String first, String last) implements JobCondition {
        @Override
        public JobFact fact() {
            return JobFact.NUMBER;
        }
    }

    /** A day neither before the first nor after the last. */
    record Days(JobFact fact, Optional<LocalDate> first, Optional<LocalDate> last) implements JobCondition {}

    /** An amount of money, or a weight in grams, neither below the least nor above the most. */
    record Amount(JobFact fact, Optional<BigDecimal> least, Optional<BigDecimal> most) implements JobCondition {}
}
