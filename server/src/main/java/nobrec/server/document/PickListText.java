package nobrec.server.document;

import java.util.List;

/**
 * What stands on a pick list, as it is printed: what is fetched for many jobs in one walk.
 *
 * @param sum how many jobs and pieces, in words
 */
public record PickListText(String made, String sum, List<Line> lines) {

    /** @param forJobs how many of them for which job, in one line */
    public record Line(String shelf, String item, String description, int pieces, String forJobs) {}
}
