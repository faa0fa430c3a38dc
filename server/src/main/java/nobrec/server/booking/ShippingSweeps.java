package nobrec.server.booking;

import java.time.Duration;
import nobrec.server.platform.BackgroundWork.Sweep;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Looks after bookings without an answer, and after what follows on those that have one. */
@Configuration
class ShippingSweeps {

    private static final Duration PAUSE = Duration.ofSeconds(2);

    @Bean
    Sweep sweepOfBookings(BookingSweep sweep) {
        return new Sweep("bookings", PAUSE, sweep::run);
    }

    @Bean
    Sweep sweepOfCompletions(Completions completions) {
        return new Sweep("completions", PAUSE, completions::run);
    }
}
