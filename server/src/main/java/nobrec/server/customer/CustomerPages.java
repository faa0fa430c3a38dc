package nobrec.server.customer;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import nobrec.core.address.PostalAddress;
import nobrec.core.customer.CustomerWay;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.document.PaperRow;
import nobrec.server.document.Papers;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.shipment.Shipments;
import nobrec.server.tracking.PackageOnWay;
import nobrec.server.tracking.PackagesOnWay;
import org.springframework.stereotype.Component;

/** What a customer's page shows of a job: what is hers, in her words, and nothing of what the shop pays or thinks. */
@Component
class CustomerPages {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE, MMM d", Locale.US);
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("MMM d, h:mm a", Locale.US);

    private final WaysOfJobs ways;
    private final AskedAddresses addresses;
    private final CustomerLinks links;
    private final CustomerSettings settings;
    private final Shipments shipments;
    private final PackagesOnWay packages;
    private final Papers papers;
    private final ShopMoney money;

    CustomerPages(
            WaysOfJobs ways,
            AskedAddresses addresses,
            CustomerLinks links,
            CustomerSettings settings,
            Shipments shipments,
            PackagesOnWay packages,
            Papers papers,
            ShopMoney money) {
        this.ways = ways;
        this.addresses = addresses;
        this.links = links;
        this.settings = settings;
        this.shipments = shipments;
        this.packages = packages;
        this.papers = papers;
        this.money = money;
    }

    Map<String, Object> of(WorkOrder job, String token) {
        Map<String, Object> page = new HashMap<>();
        page.put("base", CustomerLinks.PATH + token);
        page.put("job", job.number());
        page.put("po", job.customerPo());
        page.put("request", job.status() == WorkOrderStatus.REQUEST);
        page.put("lines", job.lines().stream().map(CustomerPages::line).toList());
        page.put("shipTo", addressLines(job.shipTo()));
        page.put("gone", gone(job, token));
        boolean toGo = job.status() != WorkOrderStatus.SHIPPED;
        page.put("toGo", toGo);
        if (toGo) {
            putWays(page, job);
            putAddress(page, job);
        }
        return page;
    }

    private static Map<String, Object> line(WorkOrder.Line line) {
        return Map.of(
                "what",
                line.description().isEmpty() ? line.item() : line.description(),
                "pieces",
                line.quantityOrdered() + (line.quantityOrdered() == 1 ? " piece" : " pieces"));
    }

    private static List<String> addressLines(PostalAddress address) {
        return Stream.of(
                        address.company(),
                        address.person(),
                        address.street(),
                        address.street2(),
                        address.cityLine() + ", " + address.country())
                .filter(each -> !each.isEmpty())
                .toList();
    }

    private void putWays(Map<String, Object> page, WorkOrder job) {
        WaysOfJobs.Found found = ways.of(job);
        LinkRow link = links.row(job.id());
        page.put("currency", money.currency().getCode());
        page.put("whyNot", found.whyNot());
        page.put("ended", found.ended());
        page.put("before", link.serviceCode());
        List<CustomerWay> all = found.ways().all();
        boolean only = all.size() == 1 && all.get(0).chosen();
        page.put("only", only ? way(all.get(0)) : false);
        page.put("choice", found.whyNot().isEmpty() && !only);
        page.put("ways", all.stream().map(CustomerPages::way).toList());
    }

    private static Map<String, Object> way(CustomerWay way) {
        return Map.of(
                "code", way.serviceCode(),
                "service", way.service(),
                "carrier", way.carrier(),
                "day", DAY.format(way.day()),
                "price", ShopMoney.show(way.price()),
                "chosen", way.chosen(),
                "late", way.daysLate() > 0);
    }

    private void putAddress(Map<String, Object> page, WorkOrder job) {
        page.put("mayCorrect", AskedAddresses.isPossible(job) && !Boolean.TRUE.equals(page.get("ended")));
        page.put("address", fields(job.shipTo()));
        addresses.newest(job).ifPresent(asked -> {
            page.put("asked", AskedAddresses.line(asked.address()));
            page.put("askedAwaited", asked.answer() == AskedAddressRow.Answer.AWAITED);
            page.put("askedNo", asked.answer() == AskedAddressRow.Answer.NO);
            page.put("askedAnswer", asked.answerText());
            page.put(
                    "askedPrice",
                    Optional.ofNullable(asked.priceAfter()).map(ShopMoney::show).orElse(""));
        });
    }

    private static Map<String, String> fields(PostalAddress address) {
        return Map.of(
                "company", address.company(),
                "person", address.person(),
                "street", address.street(),
                "street2", address.street2(),
                "city", address.city(),
                "state", address.state(),
                "postalCode", address.postalCode(),
                "country", address.country());
    }

    private List<Map<String, Object>> gone(WorkOrder job, String token) {
        List<Map<String, Object>> all = new ArrayList<>();
        for (Shipment shipment : shipments.of(job)) {
            if (shipment.state() == ShipmentState.SHIPPED) {
                all.add(Map.of(
                        "day",
                        DAY.format(shipment.outcome().orElseThrow().shipDate()),
                        "packages",
                        packages.of(shipment.id()).stream()
                                .map(CustomerPages::onWay)
                                .toList(),
                        "papers",
                        papers(shipment).stream()
                                .map(paper -> Map.of(
                                        "title",
                                        paper.title(),
                                        "address",
                                        CustomerLinks.PATH + token + "/papers/" + paper.id()))
                                .toList()));
            }
        }
        return all;
    }

    private static Map<String, Object> onWay(PackageOnWay on) {
        return Map.of(
                "number",
                on.trackingNumber(),
                "carrier",
                on.carrier(),
                "service",
                on.service(),
                "state",
                on.state(),
                "delivered",
                on.delivered(),
                "forecast",
                on.forecast().map(DAY::format).orElse(""),
                "events",
                on.events().stream()
                        .map(event ->
                                Map.of("at", MOMENT.format(event.at()), "words", event.words(), "place", event.place()))
                        .toList());
    }

    /** Those of a kind the shop shares; none where other customers' jobs went in the same shipment. */
    private List<PaperRow> papers(Shipment shipment) {
        long customers = shipments.jobs(shipment).all().stream()
                .map(WorkOrder::customer)
                .distinct()
                .count();
        return customers > 1
                ? List.of()
                : papers.of(Subject.Kind.SHIPMENT, shipment.id()).stream()
                        .filter(paper -> settings.now().papers().contains(paper.kind()))
                        .toList();
    }

    /** @throws Refusal where it is none of those the page shows */
    byte[] paper(WorkOrder job, long id) {
        return shipments.of(job).stream()
                .filter(shipment -> shipment.state() == ShipmentState.SHIPPED)
                .flatMap(shipment -> papers(shipment).stream())
                .filter(paper -> paper.id() == id)
                .findFirst()
                .map(paper -> papers.pdf(paper.id()))
                .orElseThrow(() -> Refusal.notFound("This paper", "Go back to the page of your order."));
    }
}
