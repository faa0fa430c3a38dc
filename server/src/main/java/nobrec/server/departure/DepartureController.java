package nobrec.server.departure;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.security.Principal;
import nobrec.server.account.Accounts;
import nobrec.server.api.list.Part;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.departure.DepartureView.JobOutlookList;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The day as departures. */
@RestController
@Tag(name = "departures")
class DepartureController {

    private final DepartureBoard board;
    private final Accounts accounts;

    DepartureController(DepartureBoard board, Accounts accounts) {
        this.accounts = accounts;
        this.board = board;
    }

    @GetMapping("/api/v1/departures")
    @ForEveryone
    DepartureView today(Principal who) {
        return board.today(accounts.sitesOf(who.getName()));
    }

    /** All jobs that are not shipped, the most urgent first; the cursor is a place in that order. */
    @GetMapping("/api/v1/departures/jobs")
    @ForEveryone
    JobOutlookList jobs(@ParameterObject @Valid Part part, Principal who) {
        return board.jobs(accounts.sitesOf(who.getName()), part);
    }
}
