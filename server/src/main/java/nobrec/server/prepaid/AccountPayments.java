package nobrec.server.prepaid;

import java.time.Clock;
import java.util.List;
import java.util.Set;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.Carrier;
import nobrec.server.audit.AuditLog;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.platform.outbox.NewEntry;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxHandler;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.Subject;
import org.joda.money.Money;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Paying into an account: an intent with a key, a call outside any transaction, an answer. What a crash or silence leaves open, the
 * outbox finishes, under the same key, so that it is paid once.
 */
@Service
class AccountPayments implements OutboxHandler {

    private static final Logger LOG = LoggerFactory.getLogger(AccountPayments.class);

    private final PrepaidMapper mapper;
    private final PrepaidAccounts accounts;
    private final CarrierGateway gateway;
    private final ServiceCatalog catalog;
    private final Outbox outbox;
    private final AuditLog auditLog;
    private final ShopMoney money;
    private final TransactionOperations transactions;
    private final Clock clock;

    AccountPayments(
            PrepaidMapper mapper,
            PrepaidAccounts accounts,
            CarrierGateway gateway,
            ServiceCatalog catalog,
            Outbox outbox,
            AuditLog auditLog,
            ShopMoney money,
            TransactionOperations transactions,
            Clock clock) {
        this.mapper = mapper;
        this.accounts = accounts;
        this.gateway = gateway;
        this.catalog = catalog;
        this.outbox = outbox;
        this.auditLog = auditLog;
        this.money = money;
        this.transactions = transactions;
        this.clock = clock;
    }

    /** @throws Refusal when one waits for the carrier's answer already, or the carrier refuses */
    void payIn(String carrierCode, Money amount, String signIn) {
        Carrier carrier = accounts.prepaid(carrierCode);
        gateway.requireConnected(carrier);
        OutboxEntry entry = transactions.execute(status -> {
            requireNoneWaits(carrier);
            NewPayment fresh = new NewPayment(carrierCode, amount, signIn, clock.instant());
            mapper.insertPayment(fresh);
            auditLog.write(signIn, "paid into an account", carrier.name(), ShopMoney.show(amount));
            return outbox.addTaken(List.of(new NewEntry(
                            OutboxKind.ACCOUNT_PAYMENT,
                            Subject.accountPayment(fresh.getId(), carrier.name()),
                            carrierCode,
                            "Pays in " + ShopMoney.show(amount),
                            ShopMoney.show(amount))))
                    .get(0);
        });
        OutsideAnswer<String> answer;
        try {
            answer = carryOutOnce(entry);
        } catch (RuntimeException failed) {
            LOG.error("{} was begun and not finished; it goes on by itself", entry.subject(), failed);
            return;
        }
        if (answer instanceof OutsideAnswer.Refused<String> refused) {
            throw Refusal.unusable(carrier.name(), "It refused the payment: " + refused.reason(), "Speak with them.");
        }
    }

    /** Two people at once, or one who does not believe it: the second waits for the first. */
    private void requireNoneWaits(Carrier carrier) {
        mapper.accountLocked(carrier.code());
        boolean waits = mapper.payments(carrier.code(), 1).stream().anyMatch(row -> row.state() == PaymentState.ASKED);
        if (waits) {
            throw Refusal.conflict(
                    carrier.name(),
                    "A payment into its account has no certain answer yet.",
                    "Wait for it: it is asked again by itself, and paid once.");
        }
    }

    @Override
    public Set<OutboxKind> kinds() {
        return Set.of(OutboxKind.ACCOUNT_PAYMENT);
    }

    @Override
    public void carryOut(OutboxEntry entry) {
        carryOutOnce(entry);
    }

    private OutsideAnswer<String> carryOutOnce(OutboxEntry entry) {
        Carrier carrier = catalog.carrier(entry.target());
        OutsideAnswer<String> answer = gateway.payIn(
                carrier, entry.entryKey(), entry.request(), money.currency().getCode());
        transactions.executeWithoutResult(status -> settle(entry, answer));
        if (answer instanceof OutsideAnswer.Accepted<String>) {
            accounts.ask(carrier.code());
        }
        return answer;
    }

    private void settle(OutboxEntry entry, OutsideAnswer<String> answer) {
        PaymentRow row = mapper.paymentLocked(entry.subjectId()).orElseThrow();
        if (row.state() != PaymentState.ASKED) {
            return;
        }
        if (answer instanceof OutsideAnswer.Accepted<String> accepted) {
            outbox.done(entry, accepted.result());
            mapper.settle(row.id(), PaymentState.PAID_IN, "");
        } else if (answer instanceof OutsideAnswer.Refused<String> refused) {
            outbox.refused(entry, refused.reason());
            mapper.settle(row.id(), PaymentState.REFUSED, refused.reason());
        } else {
            outbox.putOff(entry, answer.whyOpen());
        }
    }
}
