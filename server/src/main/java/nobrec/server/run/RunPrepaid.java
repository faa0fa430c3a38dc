package nobrec.server.run;

import java.util.List;
import java.util.Optional;
import nobrec.core.charging.PrepaidCover;
import nobrec.server.api.figure.Amount;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.prepaid.PrepaidAccounts;
import nobrec.server.prepaid.PrepaidRow;
import org.joda.money.Money;
import org.springframework.stereotype.Component;

/** What a run would take of the accounts that are paid beforehand. */
@Component
class RunPrepaid {

    private final PrepaidAccounts accounts;
    private final ServiceCatalog catalog;
    private final ShopMoney money;

    RunPrepaid(PrepaidAccounts accounts, ServiceCatalog catalog, ShopMoney money) {
        this.accounts = accounts;
        this.catalog = catalog;
        this.money = money;
    }

    /** Of what is ready; accounts of which nothing is taken are left out. */
    List<RunView.PrepaidView> of(List<RunJobRow> rows) {
        return accounts.all().stream()
                .map(account -> view(account, needed(account, rows)))
                .filter(view -> !view.needed().equals(Amount.of(money.zero())))
                .toList();
    }

    private Money needed(PrepaidRow account, List<RunJobRow> rows) {
        Money needed = money.zero();
        for (RunJobRow row : rows) {
            if (row.state() == RunJobState.READY && row.total() != null && isOf(account, row)) {
                needed = needed.plus(row.total());
            }
        }
        return needed;
    }

    private boolean isOf(PrepaidRow account, RunJobRow row) {
        return catalog.service(row.service()).carrier().code().equals(account.carrierCode());
    }

    private RunView.PrepaidView view(PrepaidRow account, Money needed) {
        Optional<PrepaidCover> cover =
                Optional.ofNullable(account.balance()).map(balance -> new PrepaidCover(balance, needed));
        return new RunView.PrepaidView(
                account.carrierCode(),
                catalog.carrier(account.carrierCode()).name(),
                cover.map(each -> Amount.of(each.balance())),
                Optional.ofNullable(account.askedAt()),
                account.said(),
                Amount.of(needed),
                cover.map(each -> Amount.of(each.missing())),
                cover.map(each -> Amount.of(each.stays())));
    }
}
