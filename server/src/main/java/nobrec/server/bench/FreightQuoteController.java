package nobrec.server.bench;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.server.account.Accounts;
import nobrec.server.api.figure.Amount;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.api.security.ForCoordinators;
import nobrec.server.workorder.WorkOrders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What freight would cost a customer. */
@RestController
@RequestMapping("/api/v1/freight-quotes")
@Tag(name = "freight quotes")
class FreightQuoteController {

    /** @param customerPays as it was seen */
    record QuoteToKeep(
            @NotNull @Size(max = Limits.TEXT) String job,
            @NotNull @Size(max = Limits.TEXT) String customerPays,
            @NotNull LocalDate validUntil) {}

    /** @param held whether the customer pays what was quoted, whatever it costs by then */
    record QuoteTaken(@NotNull @Size(max = Limits.TEXT) String job, boolean held) {}

    record RequestTaken(@NotNull @Size(max = Limits.TEXT) String job) {}

    /** What a quote would say now. */
    record QuoteNow(String service, String packages, Amount customerPays) {}

    /** @param takenInto number of the job whose invoice it went into */
    record FreightQuoteView(
            long id,
            String madeFor,
            String service,
            String packages,
            Amount freight,
            Amount customerPays,
            LocalDate validUntil,
            String madeBy,
            Instant madeAt,
            Optional<String> takenInto,
            boolean held) {}

    /** @param now left out where nothing has a price */
    record FreightQuoteList(LocalDate today, List<FreightQuoteView> rows, Optional<QuoteNow> now) {}

    private final FreightQuotes quotes;
    private final WorkOrders workOrders;
    private final Accounts accounts;

    FreightQuoteController(FreightQuotes quotes, WorkOrders workOrders, Accounts accounts) {
        this.quotes = quotes;
        this.workOrders = workOrders;
        this.accounts = accounts;
    }

    /** Those of a job, made for it or taken into it, and what one would say now. */
    @GetMapping
    @ForAllButPackers
    FreightQuoteList of(@RequestParam @Size(max = Limits.TEXT) String job, Principal who) {
        return list(job, who);
    }

    @PostMapping
    @ForCoordinators
    FreightQuoteList keep(@Valid @RequestBody QuoteToKeep quote, Principal who) {
        quotes.keep(quote.job(), quote.customerPays(), quote.validUntil(), who.getName());
        return list(quote.job(), who);
    }

    /** Goes into a job and its invoice, held to or as an estimate. */
    @PostMapping("/{id}/taken")
    @ForCoordinators
    FreightQuoteList take(@PathVariable long id, @Valid @RequestBody QuoteTaken taken, Principal who) {
        quotes.take(id, taken.job().strip(), taken.held(), who.getName());
        return list(taken.job().strip(), who);
    }

    /** A request becomes a job. */
    @PostMapping("/requests-taken")
    @ForCoordinators
    FreightQuoteList takeAsJob(@Valid @RequestBody RequestTaken taken, Principal who) {
        quotes.takeAsJob(taken.job(), who.getName());
        return list(taken.job(), who);
    }

    private FreightQuoteList list(String job, Principal who) {
        return new FreightQuoteList(
                quotes.today(),
                quotes.of(job).stream().map(this::view).toList(),
                quotes.now(job, who.getName())
                        .map(now -> new QuoteNow(
                                now.offer().service().name(),
                                now.packages(),
                                Amount.of(now.charge().total()))));
    }

    private FreightQuoteView view(FreightQuoteRow row) {
        return new FreightQuoteView(
                row.id(),
                workOrders.byId(row.workOrderId()).number(),
                row.serviceName(),
                row.packages(),
                Amount.of(row.freightCost()),
                Amount.of(row.customerCharge()),
                row.validUntil(),
                accounts.displayName(row.madeBy()),
                row.madeAt(),
                Optional.ofNullable(row.takenInto())
                        .map(id -> workOrders.byId(id).number()),
                row.held());
    }
}
