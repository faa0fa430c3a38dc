package nobrec.server.demo;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.security.Principal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import nobrec.server.api.security.ForEveryone;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The demonstration's clock. */
@RestController
@Tag(name = "demo")
class DemoClockController {

    private static final int MONTH_MINUTES = 44_640;

    record TimeToPass(@Min(1) @Max(MONTH_MINUTES) int minutes) {}

    record ClockView(Instant now) {}

    private final DemoTime time;
    private final Clock clock;

    DemoClockController(DemoTime time, Clock clock) {
        this.time = time;
        this.clock = clock;
    }

    /** Lets time pass for everybody, at most a month at once; it never goes back. */
    @PostMapping("/api/v1/demo/clock")
    @ForEveryone
    ClockView letPass(@RequestBody @Valid TimeToPass asked, Principal who) {
        time.letPass(Duration.ofMinutes(asked.minutes()), who.getName());
        return new ClockView(clock.instant());
    }
}
