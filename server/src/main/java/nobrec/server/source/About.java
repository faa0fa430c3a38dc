package nobrec.server.source;

import java.util.List;

/**
 * What a record system says of itself.
 *
 * @param statuses words its records may have as their status
 * @param sites words for its sites
 * @param fields names of what is said of a whole order
 * @param lineFields names of what is said of a line
 */
public record About(String name, List<Named> statuses, List<Named> sites, List<Named> fields, List<Named> lineFields) {

    /** @param label as people call it */
    public record Named(String word, String label) {}
}
