package nobrec.core.joblist;

import java.util.List;

/**
 * What a job list shows, and in which order.
 *
 * @param text words of which each is in a job's number, purchase order, customer, receiver, city or items
 * @param leftOut sentences on what was asked and cannot be
 */
public record JobFilter(
        List<JobCondition> conditions, String text, JobColumn sort, boolean descending, List<String> leftOut) {

    /** All jobs, those that came in last first. */
    public static final JobFilter ALL = new JobFilter(List.of(), "", JobColumn.CAME_IN, true, List.of());

    public JobFilter {
        conditions = List.copyOf(conditions);
        leftOut = List.copyOf(leftOut);
    }

    /** Words of the text, at most so many as are looked for. */
    public List<String> words() {
        return text.isBlank() ? List.of() : List.of(text.strip().split("\\s+"));
    }
}
