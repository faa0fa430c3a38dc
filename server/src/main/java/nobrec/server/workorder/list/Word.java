package nobrec.server.workorder.list;

import java.util.List;

/**
 * A word that must be in a job.
 *
 * @param literal as LIKE takes it
 * @param reversed the same from its end
 * @param plain the same in small letters without accents
 * @param jobs in how many it is, as far as is counted
 * @param common whether it is in so many jobs that it is looked at in each job rather than found
 */
record Word(
        String literal,
        String reversed,
        String plain,
        Names customers,
        Names receivers,
        Names cities,
        Names items,
        int jobs,
        boolean common) {

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

    /** @param found in how many jobs it is, as far as is counted; more than that is common */
    Word in(int found, int counted) {
        return new Word(literal, reversed, plain, customers, receivers, cities, items, found, found > counted);
    }
}
