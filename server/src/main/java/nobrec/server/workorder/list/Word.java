package nobrec.server.workorder.list;

import java.util.List;

/**
 * A word that must be in a job.
 *
 * @param literal as LIKE takes it
 * @param reversed the same from its end
 * @param plain the same in small letters without accents
 */
record Word(
        String literal, String reversed, String plain, Names customers, Names receivers, Names cities, Names items) {

    /** A word in more names than this is looked at in each job. */
    private static final int MOST_LISTED = 1_000;

    /**
     * Names that have it in them.
     *
     * @param listed all of them, for a statement to list; none where they are too many for that
     */
    record Names(List<String> all, List<String> listed, boolean many) {

        static Names of(List<String> found) {
            boolean many = found.size() > MOST_LISTED;
            return new Names(found, many ? List.of() : found, many);
        }
    }
}
