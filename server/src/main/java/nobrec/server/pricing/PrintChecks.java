package nobrec.server.pricing;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nobrec.core.address.PostalAddress;
import nobrec.core.readiness.NotPrintable;
import nobrec.core.readiness.NotPrintable.Where;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.document.page.Barcode;
import nobrec.server.document.page.PaperLetters;

/** What label and slip of a shipment could not show as it is recorded. */
final class PrintChecks {

    private PrintChecks() {}

    static List<NotPrintable> of(Shipment shipment, Jobs jobs) {
        List<NotPrintable> found = new ArrayList<>();
        add(found, Where.SHIP_TO, "the ship-to", shipTo(jobs.leading().shipToOnPapers()));
        for (WorkOrder job : jobs.all()) {
            add(found, Where.TEXT, "the number of job " + job.number(), job.number());
        }
        WorkOrder leading = jobs.leading();
        if (!Barcode.canHold(leading.number())) {
            found.add(new NotPrintable(Where.BARCODE, leading.number(), ""));
        }
        add(found, Where.TEXT, "the customer's order number", leading.customerPo());
        for (Shipment.Line going : shipment.lines()) {
            WorkOrder.Line line = jobs.line(going.workOrderLineId());
            String lots = line.lots().stream().map(lot -> lot.lot()).collect(Collectors.joining());
            add(found, Where.TEXT, "item " + line.item(), line.item() + line.description() + lots);
        }
        return found;
    }

    private static String shipTo(PostalAddress address) {
        return Stream.of(
                        address.company(),
                        address.person(),
                        address.street(),
                        address.street2(),
                        address.city(),
                        address.state(),
                        address.postalCode())
                .collect(Collectors.joining());
    }

    private static void add(List<NotPrintable> found, Where where, String of, String text) {
        String letters = PaperLetters.notPrintable(text);
        if (!letters.isEmpty()) {
            found.add(new NotPrintable(where, of, letters));
        }
    }
}
