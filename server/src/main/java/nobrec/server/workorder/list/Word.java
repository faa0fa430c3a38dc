package nobrec.server.workorder.list;

import java.util.List;
import java.util.stream.Stream;

/**
 * A word that must be in a job.
 *
 * @param literal as LIKE takes it
 * @param reversed the same from its end
 * @param plain the same in small letters without accents
 */
record Word(
        String literal, String reversed, String plain, Names customers, Names receivers, Names cities, Names items) {

    /**
     * Names that have it in them.
     *
     * @param many whether they are too many to be listed; then none is
     */
    record Names(List<String> names, boolean many) {

        static Names of(List<String> found, int most) {
            return found.size() > most ? new Names(List.of(), true) : new Names(found, false);
        }
    }

    /** Whether any name has it. */
    boolean isInNames() {
        return Stream.of(customers, receivers, cities, items)
                .anyMatch(each -> each.many() || !each.names().isEmpty());
    }
}
