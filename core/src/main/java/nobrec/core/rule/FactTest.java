package nobrec.core.rule;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What a fact is put to. Texts are compared letter case and more than one blank aside. */
public sealed interface FactTest {

    /** @param plain a text of the work order in the form in which texts are compared */
    default boolean passes(String plain) {
        return false;
    }

    /** @param figure eighths of a nanogram, cents or a count */
    default boolean passes(long figure) {
        return false;
    }

    /** @param written as people wrote them; what is compared are their plain forms */
    record OneOf(List<String> written, Set<String> plain) implements FactTest {
        @Override
        public boolean passes(String text) {
            return plain.contains(text);
        }
    }

    record Contains(String written, String plain) implements FactTest {
        @Override
        public boolean passes(String text) {
            return text.contains(plain);
        }
    }

    record StartsWith(String written, String plain) implements FactTest {
        @Override
        public boolean passes(String text) {
            return text.startsWith(plain);
        }
    }

    /** Both bounds are within; one at least is given. */
    record Between(Optional<Long> from, Optional<Long> until) implements FactTest {
        @Override
        public boolean passes(long figure) {
            return (from.isEmpty() || figure >= from.get()) && (until.isEmpty() || figure <= until.get());
        }
    }

    /** There is such a fact, whatever it says. */
    record Known() implements FactTest {
        @Override
        public boolean passes(String plain) {
            return true;
        }

        @Override
        public boolean passes(long figure) {
            return true;
        }
    }
}
