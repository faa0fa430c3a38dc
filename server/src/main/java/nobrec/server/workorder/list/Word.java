package nobrec.server.workorder.list;

import java.util.List;

/**
 * A word that must be in a job.
 *
 * @param literal as LIKE takes it
 * @param reversed the same from its end
 * @param names those that have it in them; empty where there are none, or too many to be listed
 * @param common whether it is in so many jobs that it is looked at in each job rather than found
 * @param manyNames whether it is in more names than are listed
 */
record Word(String literal, String reversed, List<String> names, boolean common, boolean manyNames) {

    Word asCommon() {
        return new Word(literal, reversed, names, true, manyNames);
    }
}
