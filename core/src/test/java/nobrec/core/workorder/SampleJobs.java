package nobrec.core.workorder;

import java.util.List;
import java.util.Optional;
import nobrec.core.address.PostalAddress;
import nobrec.core.charging.FreightTerms;

/** Work orders of which only the lines matter. */
public final class SampleJobs {

    private static final PostalAddress TO =
            new PostalAddress("Pellworth", "", "1 Road", "", "Tucson", "AZ", "85701", "US");

    private SampleJobs() {}

    public static WorkOrder job(String number, List<WorkOrder.Line> lines) {
        return job(number, "", lines);
    }

    public static WorkOrder job(String number, String customerPo, List<WorkOrder.Line> lines) {
        return new WorkOrder(
                1,
                "file",
                number,
                "Pellworth",
                customerPo,
                TO,
                Optional.empty(),
                "",
                "",
                Optional.empty(),
                "",
                FreightTerms.PREPAID,
                "",
                Optional.empty(),
                WorkOrderStatus.READY,
                Particulars.NONE,
                List.of(),
                Ruling.NONE,
                lines);
    }
}
