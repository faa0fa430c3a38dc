package nobrec.server.demo;

import java.time.Clock;
import java.time.Duration;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.BackgroundWork.Sweep;
import nobrec.server.platform.DemoClock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Lets time pass in the demonstration, on all its servers: what comes only days later can be seen. Elsewhere there is no such thing. */
@Component
class DemoTime {

    private static final Duration PAUSE = Duration.ofSeconds(1);

    private final DemoClockMapper mapper;
    private final Clock clock;
    private final AuditLog auditLog;

    DemoTime(DemoClockMapper mapper, Clock clock, AuditLog auditLog) {
        this.mapper = mapper;
        this.clock = clock;
        this.auditLog = auditLog;
    }

    @Configuration
    static class Sweeping {
        @Bean
        Sweep sweepOfDemoTime(DemoTime time) {
            return new Sweep("the demo's clock", PAUSE, time::follow);
        }
    }

    /** Another server may have let time pass. */
    void follow() {
        if (clock instanceof DemoClock demo) {
            demo.setAhead(Duration.ofSeconds(mapper.aheadSeconds()));
        }
    }

    @Transactional
    public void letPass(Duration time, String signIn) {
        if (!(clock instanceof DemoClock)) {
            throw Refusal.notFound("The demo's clock", "Only a demonstration has one.");
        }
        mapper.goOn(time.toSeconds());
        follow();
        auditLog.write(signIn, "let time pass", "The demo's clock", time.toMinutes() + " minutes");
    }
}
