package nobrec.server.shipnotice;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import nobrec.core.refusal.Refusal;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.partner.PartnerPort.Receipt;
import nobrec.server.partner.Partners;
import nobrec.server.platform.BackgroundWork.Sweep;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;

/**
 * Goes after notices that nothing came back on: each is handed over again under the same key and the same numbers, at the partner's own
 * interval, three times; then a person must look. What a partner fetches cannot be sent again.
 */
@Component
class NoticeChase {

    private static final Logger LOG = LoggerFactory.getLogger(NoticeChase.class);
    private static final int AT_ONCE = 50;

    private final ShipNoticeMapper mapper;
    private final ShipNoticeSender sender;
    private final Partners partners;
    private final Clock clock;

    NoticeChase(ShipNoticeMapper mapper, ShipNoticeSender sender, Partners partners, Clock clock) {
        this.mapper = mapper;
        this.sender = sender;
        this.partners = partners;
        this.clock = clock;
    }

    @Configuration
    static class Chasing {
        private static final Duration PAUSE = Duration.ofSeconds(30);

        @Bean
        Sweep sweepOfNotices(NoticeChase chase) {
            return new Sweep("ship notices", PAUSE, chase::look);
        }
    }

    void look() {
        Instant now = clock.instant();
        for (ShipNoticeRow row : mapper.due(now, ShipNoticeRow.MOST_CHASES, AT_ONCE)) {
            try {
                chase(row, now);
            } catch (RuntimeException failed) {
                // One partner that cannot be reached holds up no other.
                LOG.warn("Ship notice {} cannot be sent again", row.number(), failed);
            }
        }
    }

    private void chase(ShipNoticeRow row, Instant now) {
        boolean fetched = partners.port(partners.coded(row.partnerCode())).isFetched();
        int chased = fetched ? ShipNoticeRow.MOST_CHASES : row.chased() + 1;
        Instant due = fetched ? row.dueAt() : sender.dueAt(row, now);
        if (mapper.chase(row.id(), row.chased(), chased, due) == 0) {
            return;
        }
        if (fetched) {
            mapper.saidAgain(
                    row.id(),
                    row.state() == ShipNoticeState.FETCHED
                            ? "It was fetched and not acknowledged in time."
                            : "It was not fetched in time.");
        } else {
            again(row, "Sent again: nothing came back in time.");
        }
    }

    /**
     * By this sweep, or because a person asks.
     *
     * @param said of it from now on, where it arrives
     */
    void again(ShipNoticeRow row, String said) {
        OutsideAnswer<Receipt> answer;
        try {
            answer = sender.deliver(row);
        } catch (Refusal refusal) {
            answer = new OutsideAnswer.Unknown<>(refusal.reason() + " " + refusal.remedy());
        }
        if (answer instanceof OutsideAnswer.Accepted<Receipt> accepted) {
            Instant now = clock.instant();
            mapper.saidAgain(row.id(), said);
            mapper.sent(row.id(), said, now, sender.dueAt(row, now));
            sender.takeAcknowledgment(row, accepted.result());
        } else if (answer instanceof OutsideAnswer.Refused<Receipt> refused) {
            mapper.refused(row.id(), ShipNoticeSender.said(refused.reason()));
        } else {
            mapper.saidAgain(row.id(), ShipNoticeSender.said("Not sent again: " + answer.whyOpen()));
        }
    }
}
