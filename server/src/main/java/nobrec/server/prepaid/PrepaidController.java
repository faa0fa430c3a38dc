package nobrec.server.prepaid;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.core.notation.MoneyText;
import nobrec.core.notation.Reading;
import nobrec.core.refusal.Refusal;
import nobrec.server.account.Accounts;
import nobrec.server.api.figure.Amount;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.money.ShopMoney;
import org.joda.money.Money;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Accounts with carriers that are paid beforehand. */
@RestController
@RequestMapping("/api/v1/prepaid-accounts")
@Tag(name = "prepaid accounts")
class PrepaidController {

    private static final int SHOWN = 5;

    /** @param amount as it is typed */
    record Payment(@NotNull @Size(max = Limits.FIGURE_TEXT) String amount) {}

    /**
     * @param balance as the carrier said it last; left out before it was asked
     * @param said why it gave none at the last time; empty text where it did
     * @param payments the last ones into it
     */
    record AccountView(
            String carrierCode,
            String carrier,
            Optional<Amount> balance,
            Optional<Instant> askedAt,
            String said,
            List<PaymentView> payments) {}

    record PaymentView(long id, Amount amount, PaymentState state, String said, String askedBy, Instant askedAt) {}

    record AccountList(List<AccountView> rows) {}

    private final PrepaidAccounts prepaid;
    private final AccountPayments payments;
    private final PrepaidMapper mapper;
    private final ServiceCatalog catalog;
    private final Accounts accounts;
    private final ShopMoney money;
    private final NobrecSettings settings;

    PrepaidController(
            PrepaidAccounts prepaid,
            AccountPayments payments,
            PrepaidMapper mapper,
            ServiceCatalog catalog,
            Accounts accounts,
            ShopMoney money,
            NobrecSettings settings) {
        this.prepaid = prepaid;
        this.payments = payments;
        this.mapper = mapper;
        this.catalog = catalog;
        this.accounts = accounts;
        this.money = money;
        this.settings = settings;
    }

    @GetMapping
    @ForAllButPackers
    AccountList all() {
        return new AccountList(prepaid.all().stream().map(this::view).toList());
    }

    /** Asks the carrier what the account holds. */
    @PostMapping("/{carrier}/balance")
    @ForEveryone
    AccountList ask(@PathVariable @Size(max = Limits.TEXT) String carrier) {
        prepaid.ask(carrier);
        return new AccountList(prepaid.all().stream().map(this::view).toList());
    }

    /** Pays in, once. While the carrier has not answered it waits among the payments. */
    @PostMapping("/{carrier}/payments")
    @ForAllButPackers
    AccountList payIn(
            @PathVariable @Size(max = Limits.TEXT) String carrier, @Valid @RequestBody Payment payment, Principal who) {
        payments.payIn(carrier, amount(payment.amount()), who.getName());
        return all();
    }

    private Money amount(String text) {
        Reading<Long> reading = MoneyText.readCents(text, settings.decimals());
        if (reading instanceof Reading.Refused<Long> refused) {
            throw Refusal.unusable("The amount", refused.reason(), refused.remedy());
        }
        Money amount = money.ofCents(reading.found().orElse(0L));
        if (!amount.isPositive()) {
            throw Refusal.unusable("The amount", "It is nothing.", "Write how much is to be paid in.");
        }
        return amount;
    }

    private AccountView view(PrepaidRow row) {
        return new AccountView(
                row.carrierCode(),
                catalog.carrier(row.carrierCode()).name(),
                Optional.ofNullable(row.balance()).map(Amount::of),
                Optional.ofNullable(row.askedAt()),
                row.said(),
                mapper.payments(row.carrierCode(), SHOWN).stream()
                        .map(each -> new PaymentView(
                                each.id(),
                                Amount.of(each.amount()),
                                each.state(),
                                each.said(),
                                accounts.displayName(each.askedBy()),
                                each.askedAt()))
                        .toList());
    }
}
