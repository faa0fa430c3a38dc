package nobrec.server.connection;

import io.github.resilience4j.circuitbreaker.CircuitBreakerConfig;
import io.github.resilience4j.circuitbreaker.CircuitBreakerRegistry;
import java.time.Duration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** A breaker for each system outside: four faults among the last eight calls, and it is left alone for five seconds. */
@Configuration
class Breakers {

    @Bean
    CircuitBreakerRegistry breakersOfSystemsOutside() {
        return CircuitBreakerRegistry.of(CircuitBreakerConfig.custom()
                .slidingWindowSize(8)
                .minimumNumberOfCalls(4)
                .waitDurationInOpenState(Duration.ofSeconds(5))
                .build());
    }
}
