package nobrec.server.api.list;

import java.util.List;

/**
 * What came of an act upon several jobs.
 *
 * @param done how many jobs
 */
public record Outcomes(int done, List<RefusedJob> refused) {

    /** Why it was not done to one of them. */
    public record RefusedJob(String job, String reason, String remedy) {}

    public static Outcomes of(List<Outcome> all) {
        List<RefusedJob> refused = all.stream()
                .flatMap(each -> each.refused().stream()
                        .map(refusal -> new RefusedJob(each.number(), refusal.reason(), refusal.remedy())))
                .toList();
        return new Outcomes(all.size() - refused.size(), refused);
    }
}
