package nobrec.server.departure;

import io.swagger.v3.oas.annotations.tags.Tag;
import nobrec.server.api.security.ForEveryone;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The day as departures. */
@RestController
@Tag(name = "departures")
class DepartureController {

    private final DepartureBoard board;

    DepartureController(DepartureBoard board) {
        this.board = board;
    }

    @GetMapping("/api/departures")
    @ForEveryone
    DepartureView today() {
        return board.today();
    }
}
