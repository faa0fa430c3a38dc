package nobrec.server.workorder;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import nobrec.core.limit.Limits;
import nobrec.server.api.security.ForCoordinators;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is done with one job. */
@RestController
@Tag(name = "work orders")
class WorkOrderController {

    private final WorkOrders workOrders;

    WorkOrderController(WorkOrders workOrders) {
        this.workOrders = workOrders;
    }

    /** The address is right as it is written, whatever the check says. */
    @PostMapping("/api/v1/work-orders/one/address-accepted")
    @ForCoordinators
    void acceptAddress(@RequestParam @Size(max = Limits.TEXT) String job, Principal who) {
        workOrders.acceptAddress(job, who.getName());
    }
}
