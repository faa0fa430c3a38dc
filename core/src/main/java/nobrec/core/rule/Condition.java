package nobrec.core.rule;

import java.util.List;
import java.util.stream.Stream;

/** When a house rule acts. A fact that a work order does not have passes no test. */
public sealed interface Condition {

    boolean holds(JobFacts facts);

    /** The tests in it that a work order passes, where they are why it holds. */
    Stream<Has> passedBy(JobFacts facts);

    /** All tests in it. */
    Stream<Has> tests();

    /** All of them hold. */
    record All(List<Condition> parts) implements Condition {
        public All {
            parts = List.copyOf(parts);
        }

        @Override
        public boolean holds(JobFacts facts) {
            for (Condition part : parts) {
                if (!part.holds(facts)) {
                    return false;
                }
            }
            return true;
        }

        @Override
        public Stream<Has> passedBy(JobFacts facts) {
            return parts.stream().flatMap(part -> part.passedBy(facts));
        }

        @Override
        public Stream<Has> tests() {
            return parts.stream().flatMap(Condition::tests);
        }
    }

    /** At least one of them holds. */
    record Any(List<Condition> parts) implements Condition {
        public Any {
            parts = List.copyOf(parts);
        }

        @Override
        public boolean holds(JobFacts facts) {
            for (Condition part : parts) {
                if (part.holds(facts)) {
                    return true;
                }
            }
            return false;
        }

        @Override
        public Stream<Has> passedBy(JobFacts facts) {
            return parts.stream().filter(part -> part.holds(facts)).flatMap(part -> part.passedBy(facts));
        }

        @Override
        public Stream<Has> tests() {
            return parts.stream().flatMap(Condition::tests);
        }
    }

    /** None of them holds. */
    record None(List<Condition> parts) implements Condition {
        public None {
            parts = List.copyOf(parts);
        }

        @Override
        public boolean holds(JobFacts facts) {
            return !new Any(parts).holds(facts);
        }

        @Override
        public Stream<Has> passedBy(JobFacts facts) {
            return Stream.empty();
        }

        @Override
        public Stream<Has> tests() {
            return parts.stream().flatMap(Condition::tests);
        }
    }

    /**
     * A fact passes a test; of a fact that each line has, one line's is enough.
     *
     * @param name of the custom field, in lower case; empty text for any other fact
     */
    record Has(Fact fact, String name, FactTest test) implements Condition {

        @Override
        public boolean holds(JobFacts facts) {
            return fact.form().isFigure()
                    ? facts.figures(fact).stream().anyMatch(test::passes)
                    : facts.texts(fact, name).stream().anyMatch(test::passes);
        }

        @Override
        public Stream<Has> passedBy(JobFacts facts) {
            return holds(facts) ? Stream.of(this) : Stream.empty();
        }

        @Override
        public Stream<Has> tests() {
            return Stream.of(this);
        }
    }
}
