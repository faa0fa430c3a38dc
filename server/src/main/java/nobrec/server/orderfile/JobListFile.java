package nobrec.server.orderfile;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import nobrec.core.intake.OrderWriter;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.limit.Limits;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.layout.StandardLayout;
import nobrec.server.platform.csv.CsvText;
import nobrec.server.workorder.WorkOrders;
import nobrec.server.workorder.list.JobFilters;
import nobrec.server.workorder.list.JobLists;
import nobrec.server.workorder.list.Narrowed;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.WebRequest;

/** The job list as a file that reads back in. */
@RestController
@Tag(name = "work orders")
class JobListFile {

    private static final int AT_ONCE = 200;

    private final WorkOrders workOrders;
    private final JobLists lists;
    private final JobFilters filters;

    JobListFile(WorkOrders workOrders, JobLists lists, JobFilters filters) {
        this.workOrders = workOrders;
        this.lists = lists;
        this.filters = filters;
    }

    /** The same work orders as the list has, whole, one row a line; at most as many rows as a file may bring in. */
    @GetMapping(path = "/api/v1/work-orders/file", produces = "text/csv")
    @Narrowed
    @ForEveryone
    void write(
            @RequestParam(defaultValue = "") @Size(max = Limits.TEXT) String text,
            WebRequest asked,
            HttpServletResponse response)
            throws IOException {
        response.setContentType("text/csv; charset=utf-8");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"jobs.csv\"");
        OrderWriter writer = new OrderWriter(StandardLayout.LAYOUT);
        try (CsvText csv = new CsvText(response.getOutputStream())) {
            csv.row(writer.header());
            AtomicInteger rows = new AtomicInteger();
            lists.forEachPart(filters.read(asked.getParameterMap()), AT_ONCE, ids -> write(ids, writer, csv, rows));
        }
    }

    /** False once there are as many rows as a file may have. */
    private boolean write(List<Long> ids, OrderWriter writer, CsvText csv, AtomicInteger rows) {
        for (WorkOrder order : workOrders.recorded(ids)) {
            List<List<String>> ofOrder = writer.rows(WorkOrderDraft.of(order));
            if (rows.addAndGet(ofOrder.size()) > Limits.ORDER_FILE_ROWS) {
                return false;
            }
            ofOrder.forEach(csv::row);
        }
        return true;
    }
}
