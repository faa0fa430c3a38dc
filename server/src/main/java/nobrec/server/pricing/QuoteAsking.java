package nobrec.server.pricing;

import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.RejectedExecutionException;
import nobrec.core.rating.CarrierAnswer;
import nobrec.core.rating.Offer;
import nobrec.core.rating.QuotedOffers.Asked;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.ShipmentToRate;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.CarrierQuote;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.pricing.CarrierQuoteRow.State;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.task.AsyncTaskExecutor;
import org.springframework.scheduling.concurrent.ThreadPoolTaskExecutor;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Asks carriers that price themselves, each by itself, so that a slow one holds up nobody. */
@Component
public class QuoteAsking {

    private static final Logger LOG = LoggerFactory.getLogger(QuoteAsking.class);
    private static final int LONGEST_SAID = 500;

    private final RatingFeed feed;
    private final CarrierQuotes quotes;
    private final CarrierQuoteMapper mapper;
    private final CarrierGateway gateway;
    private final ShopMoney money;
    private final JsonMapper json;
    private final Clock clock;
    private final AsyncTaskExecutor quoteCalls;

    QuoteAsking(
            RatingFeed feed,
            CarrierQuotes quotes,
            CarrierQuoteMapper mapper,
            CarrierGateway gateway,
            ShopMoney money,
            JsonMapper json,
            Clock clock,
            AsyncTaskExecutor quoteCalls) {
        this.feed = feed;
        this.quotes = quotes;
        this.mapper = mapper;
        this.gateway = gateway;
        this.money = money;
        this.json = json;
        this.clock = clock;
        this.quoteCalls = quoteCalls;
    }

    @Configuration
    static class Calls {
        private static final int AT_ONCE = 6;
        private static final int WAITING = 500;

        @Bean
        AsyncTaskExecutor quoteCalls() {
            ThreadPoolTaskExecutor calls = new ThreadPoolTaskExecutor();
            calls.setThreadNamePrefix("quote-");
            calls.setCorePoolSize(AT_ONCE);
            calls.setQueueCapacity(WAITING);
            return calls;
        }
    }

    /**
     * Asks those that have not been asked about the shipment as it is now; their answers come later.
     *
     * @param again whether those that gave no price are asked once more
     */
    public void ask(Shipment shipment, Jobs jobs, boolean again) {
        shipment.requireOpen();
        ShipmentToRate toRate = feed.toRate(shipment, jobs);
        List<Offer> bySheet = feed.offers(toRate, shipment.siteId());
        Map<String, Asked> asked = quotes.of(shipment, jobs, toRate, bySheet);
        quotes.questions(shipment, jobs, toRate, bySheet).stream()
                .filter(question -> wantsAsking(
                        Objects.requireNonNull(asked.get(question.carrier().code()))
                                .answer(),
                        again))
                .forEach(question -> ask(shipment.id(), question));
    }

    private static boolean wantsAsking(CarrierAnswer answer, boolean again) {
        return answer instanceof CarrierAnswer.NotAsked || again && answer instanceof CarrierAnswer.Silent;
    }

    private void ask(long shipmentId, CarrierQuotes.Question question) {
        CarrierQuoteRow row = new CarrierQuoteRow(
                shipmentId,
                question.carrier().code(),
                UUID.randomUUID().toString(),
                question.about(),
                State.ASKED,
                "",
                null,
                "",
                clock.instant(),
                null);
        mapper.ask(row);
        try {
            quoteCalls.execute(() -> call(row, question));
        } catch (RejectedExecutionException tooMany) {
            mapper.answer(silent(row, "So many are being asked just now that this one was not."));
        }
    }

    private void call(CarrierQuoteRow row, CarrierQuotes.Question question) {
        try {
            mapper.answer(answered(row, asked(row, question)));
        } catch (RuntimeException failed) {
            LOG.error("{} was not heard about shipment {}", question.carrier().name(), row.shipmentId(), failed);
            mapper.answer(silent(row, "Its answer could not be kept."));
        }
    }

    private OutsideAnswer<CarrierQuote> asked(CarrierQuoteRow row, CarrierQuotes.Question question) {
        try {
            return gateway.quote(
                    question.carrier(),
                    row.requestKey(),
                    question.request(),
                    money.currency().getCode());
        } catch (Refusal notConnected) {
            return new OutsideAnswer.Refused<>(notConnected.reason());
        }
    }

    private CarrierQuoteRow answered(CarrierQuoteRow row, OutsideAnswer<CarrierQuote> answer) {
        if (answer instanceof OutsideAnswer.Accepted<CarrierQuote> accepted) {
            Map<String, Long> cents = new HashMap<>();
            accepted.result()
                    .prices()
                    .forEach(price -> cents.put(
                            price.service(), price.amount().movePointRight(2).longValueExact()));
            return new CarrierQuoteRow(
                    row.shipmentId(),
                    row.carrierCode(),
                    row.requestKey(),
                    row.askedAbout(),
                    State.QUOTED,
                    accepted.result().number(),
                    accepted.result().validUntil().orElseThrow(),
                    "",
                    row.askedAt(),
                    json.writeValueAsString(cents));
        }
        return silent(
                row,
                answer instanceof OutsideAnswer.Refused<?> refused
                        ? refused.reason()
                        : answer instanceof OutsideAnswer.Unknown<?> unknown
                                ? unknown.reason()
                                : "It has not answered.");
    }

    private static CarrierQuoteRow silent(CarrierQuoteRow row, String said) {
        return new CarrierQuoteRow(
                row.shipmentId(),
                row.carrierCode(),
                row.requestKey(),
                row.askedAbout(),
                State.SILENT,
                "",
                null,
                Shortened.to(LONGEST_SAID, said),
                row.askedAt(),
                null);
    }
}
