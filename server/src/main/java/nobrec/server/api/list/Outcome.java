package nobrec.server.api.list;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import nobrec.core.refusal.Refusal;

/**
 * What came of an act upon one of several jobs.
 *
 * @param refused why it was not done; empty when it was
 */
public record Outcome(String number, Optional<Refusal> refused) {

    /** Does it to each by itself: one that is refused holds up no other. */
    public static <T> List<Outcome> ofEach(List<T> jobs, Function<T, String> number, Consumer<T> act) {
        List<Outcome> outcomes = new ArrayList<>();
        for (T job : jobs) {
            try {
                act.accept(job);
                outcomes.add(new Outcome(number.apply(job), Optional.empty()));
            } catch (Refusal refusal) {
                outcomes.add(new Outcome(number.apply(job), Optional.of(refusal)));
            }
        }
        return outcomes;
    }
}
