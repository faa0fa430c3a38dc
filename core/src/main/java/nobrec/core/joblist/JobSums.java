package nobrec.core.joblist;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.measure.Weight;
import nobrec.core.workorder.WorkOrder;

/**
 * What the lines of a job come to.
 *
 * @param weight of all pieces; not known where one line does not say it
 * @param valueCents of all pieces; not known where one line does not say it
 * @param contents the same text for jobs with the same pieces of the same things, and for no others
 */
public record JobSums(int lines, int pieces, Optional<Weight> weight, Optional<Long> valueCents, String contents) {

    public static JobSums of(WorkOrder order) {
        List<WorkOrder.Line> lines = order.lines();
        return new JobSums(
                lines.size(),
                lines.stream().mapToInt(WorkOrder.Line::quantityOrdered).sum(),
                order.weight(),
                order.valueCents(),
                contents(lines));
    }

    private static String contents(List<WorkOrder.Line> lines) {
        return lines.stream()
                .map(line -> (line.item().isEmpty() ? "\t" + line.description() : line.item()) + "\n"
                        + line.quantityOrdered())
                .sorted()
                .collect(Collectors.joining("\n"));
    }
}
