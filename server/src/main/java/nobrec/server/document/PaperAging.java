package nobrec.server.document;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import nobrec.server.platform.BackgroundWork.Sweep;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;

/** Packs papers some time after they were drawn, off the way of whoever ships. Two servers may pack the same one: it is the same. */
@Component
public class PaperAging {

    private static final Duration PAUSE = Duration.ofSeconds(20);
    private static final Duration FRESH_FOR = Duration.ofMinutes(10);
    private static final int AT_ONCE = 200;

    private final PaperMapper mapper;
    private final Clock clock;

    PaperAging(PaperMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    @Configuration
    static class Sweeping {
        @Bean
        Sweep sweepOfPapers(PaperAging aging) {
            return new Sweep("papers", PAUSE, aging::packOld);
        }
    }

    void packOld() {
        packMadeBefore(clock.instant().minus(FRESH_FOR));
    }

    /** @return how many were packed */
    public int packMadeBefore(Instant moment) {
        List<PaperMapper.Unpacked> papers = mapper.unpacked(moment, AT_ONCE);
        for (PaperMapper.Unpacked each : papers) {
            mapper.keepPacked(each.id(), PaperPacking.pack(each.pdf()), PaperPacking.NEWEST);
        }
        return papers.size();
    }
}
