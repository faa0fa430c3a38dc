package nobrec.server.orderfile;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.List;
import nobrec.core.intake.OrderWriter;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.limit.Limits;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.layout.StandardLayout;
import nobrec.server.platform.csv.CsvText;
import nobrec.server.workorder.WorkOrders;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The job list as a file that reads back in. */
@RestController
@Tag(name = "work orders")
class JobListFile {

    private static final int AT_ONCE = 200;

    private final WorkOrders workOrders;

    JobListFile(WorkOrders workOrders) {
        this.workOrders = workOrders;
    }

    /** The same work orders as the list has, whole, one row a line; at most as many rows as a file may bring in. */
    @GetMapping(path = "/api/v1/work-orders/file", produces = "text/csv")
    @ForEveryone
    void write(
            @RequestParam(required = false) WorkOrderStatus status,
            @RequestParam(defaultValue = "") @Size(max = Limits.TEXT) String text,
            HttpServletResponse response)
            throws IOException {
        response.setContentType("text/csv; charset=utf-8");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"jobs.csv\"");
        OrderWriter writer = new OrderWriter(StandardLayout.LAYOUT);
        try (CsvText csv = new CsvText(response.getOutputStream())) {
            csv.row(writer.header());
            List<WorkOrder> portion = workOrders.listed(status, text.strip(), null, AT_ONCE);
            int rows = 0;
            while (!portion.isEmpty()) {
                for (WorkOrder order : portion) {
                    List<List<String>> ofOrder = writer.rows(WorkOrderDraft.of(order));
                    rows += ofOrder.size();
                    if (rows > Limits.ORDER_FILE_ROWS) {
                        return;
                    }
                    ofOrder.forEach(csv::row);
                }
                long last = portion.get(portion.size() - 1).id();
                portion = workOrders.listed(status, text.strip(), last, AT_ONCE);
            }
        }
    }
}
