package nobrec.server.pricing;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nobrec.core.charging.CustomerCharge;
import nobrec.core.charging.FreightBill;
import nobrec.core.charging.FreightTerms;
import nobrec.core.measure.Weight;
import nobrec.core.rating.Offer;
import nobrec.core.refusal.Refusal;
import nobrec.core.returns.ReturnPayer;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.charge.ShopChargeRules;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import org.joda.money.Money;
import org.springframework.stereotype.Component;

/**
 * What the way back costs. Rate sheets price a lane by its far end, so the way back is priced like the way there, to a business and
 * without options.
 */
@Component
public class ReturnPricing {

    /** A service with what it asks, and what the customer pays where the customer pays. */
    public record WayBackOffer(Offer offer, Money cost, Money customerPays) {}

    private final RatingFeed feed;
    private final ShopChargeRules chargeRules;
    private final Sites sites;
    private final ShopMoney money;

    ReturnPricing(RatingFeed feed, ShopChargeRules chargeRules, Sites sites, ShopMoney money) {
        this.feed = feed;
        this.chargeRules = chargeRules;
        this.sites = sites;
        this.money = money;
    }

    /**
     * Services that can carry a package of a shipment back, the cheapest first.
     *
     * @param weight of what comes back
     * @throws Refusal when it would come from abroad
     */
    public List<WayBackOffer> offers(
            Shipment shipment, Jobs jobs, Shipment.Package packed, Weight weight, ReturnPayer payer) {
        Site site = sites.byId(shipment.siteId());
        WorkOrder job = jobs.leading();
        if (!job.shipTo().country().equals(site.country())) {
            throw Refusal.unusable(
                    "A label for the way back",
                    "It would come from abroad, with a customs declaration of its own.",
                    "Let the customer send it, and note the return without our label.");
        }
        return feed.offers(feed.wayBack(shipment, jobs, packed.weighing(weight)), shipment.siteId()).stream()
                .filter(Offer::isAllowed)
                .sorted(Comparator.comparingLong(Offer::totalCents)
                        .thenComparing(offer -> offer.service().code()))
                .map(offer -> priced(job, offer, payer))
                .toList();
    }

    private WayBackOffer priced(WorkOrder job, Offer offer, ReturnPayer payer) {
        Money cost = offer.total().orElseThrow();
        return new WayBackOffer(
                offer,
                cost,
                payer == ReturnPayer.CUSTOMER ? charge(job, offer, cost, offer.departure()) : money.zero());
    }

    private Money charge(WorkOrder job, Offer offer, Money cost, LocalDate day) {
        FreightBill bill = new FreightBill(
                job.customer(),
                FreightTerms.PREPAID_AND_BILLED,
                offer.service().code(),
                offer.service().name(),
                cost,
                money.zero(),
                0,
                Optional.empty(),
                false);
        return CustomerCharge.of(bill, chargeRules.ruleFor(bill, day)).total();
    }
}
