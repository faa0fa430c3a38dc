package nobrec.server.shipnotice;

import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import nobrec.core.identifier.Sscc;
import nobrec.core.partner.NoticeForm;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipnotice.ShipNotice;
import nobrec.core.shipnotice.ShipNotices;
import nobrec.server.booking.ShipmentShipped;
import nobrec.server.partner.PackageNumbers;
import nobrec.server.partner.Partner;
import nobrec.server.partner.Partners;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.outbox.NewEntry;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import nobrec.server.voiding.ShipmentVoided;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Turns a shipment that has gone, or is void, into what its partner is told, in the same transaction. */
@Component
class ShipNoticeWriter {

    private static final String NUMBER = "SN%06d";

    private final ShipNoticeMapper mapper;
    private final Partners partners;
    private final PackageNumbers numbers;
    private final Shipments shipments;
    private final Sites sites;
    private final Outbox outbox;
    private final NobrecSettings settings;
    private final JsonMapper json;
    private final Clock clock;

    ShipNoticeWriter(
            ShipNoticeMapper mapper,
            Partners partners,
            PackageNumbers numbers,
            Shipments shipments,
            Sites sites,
            Outbox outbox,
            NobrecSettings settings,
            JsonMapper json,
            Clock clock) {
        this.mapper = mapper;
        this.partners = partners;
        this.numbers = numbers;
        this.shipments = shipments;
        this.sites = sites;
        this.outbox = outbox;
        this.settings = settings;
        this.json = json;
        this.clock = clock;
    }

    @EventListener
    void on(ShipmentShipped shipped) {
        Optional<Partner> told =
                partners.of(shipped.customer()).filter(each -> each.profile().form() != NoticeForm.NONE);
        told.ifPresent(partner -> {
            int control = partners.nextControl(partner.code());
            ShipNotice notice = notice(shipped, partner, String.format(Locale.ROOT, NUMBER, control));
            long id = keep(partner, shipped.shipmentId(), shipped.job(), notice, control);
            outbox.add(List.of(new NewEntry(
                    OutboxKind.SHIP_NOTICE,
                    Subject.shipment(shipped.shipmentId(), shipped.job()),
                    partner.code(),
                    "Ship notice " + notice.number() + ", "
                            + partner.profile().form().words() + ", "
                            + notice.packages().size()
                            + (notice.packages().size() == 1 ? " package" : " packages"),
                    Long.toString(id))));
        });
    }

    private ShipNotice notice(ShipmentShipped shipped, Partner partner, String number) {
        Shipment shipment = shipments.byId(shipped.shipmentId());
        Jobs jobs = shipments.jobs(shipment);
        Site site = sites.byId(shipment.siteId());
        Map<String, Sscc> byTracking = numbers.of(shipped.trackingNumbers());
        Map<Integer, Sscc> byPackage = shipment.packages().stream()
                .collect(Collectors.toMap(
                        Shipment.Package::number,
                        each -> byTracking.get(each.trackingNumber().orElseThrow())));
        return new ShipNotice(
                number,
                ShipNotice.Purpose.ORIGINAL,
                sites.timeAt(site),
                shipped.shipDate(),
                shipment.outcome().orElseThrow().deliveryDate(),
                shipped.carrierName(),
                shipped.serviceName(),
                ShipNotices.party(site.address(), partners.numbers().locationNumber()),
                ShipNotices.party(
                        jobs.leading().shipToOnPapers(), partner.profile().locationNumber()),
                ShipNotices.packages(shipment, jobs, byPackage, settings.units()),
                settings.units());
    }

    /** What was told of it is taken back, once it has been told. */
    @EventListener
    void on(ShipmentVoided voided) {
        List<NewEntry> reversals =
                outbox.notReversed(List.of(OutboxKind.SHIP_NOTICE), Subject.Kind.SHIPMENT, voided.shipmentId()).stream()
                        .map(entry -> new NewEntry(
                                OutboxKind.SHIP_NOTICE_REVERSAL,
                                entry.subject(),
                                entry.target(),
                                "Cancels: " + entry.summary(),
                                entry.request(),
                                entry.id()))
                        .toList();
        if (!reversals.isEmpty()) {
            outbox.add(reversals);
        }
    }

    /** The one that takes another one back; made when its turn has come, and once. */
    @Transactional
    public ShipNoticeRow cancellation(OutboxEntry reversal) {
        ShipNoticeRow original =
                mapper.byIdLocked(Long.parseLong(reversal.request())).orElseThrow();
        Optional<ShipNoticeRow> there = mapper.numbered(original.partnerCode(), original.number()).stream()
                .filter(each -> each.purpose() == ShipNotice.Purpose.CANCELLATION)
                .findFirst();
        return there.orElseGet(() -> {
            Shipment shipment = shipments.byId(original.shipmentId());
            ShipNotice notice = json.readValue(
                            mapper.text(original.id()).orElseThrow().contents(), ShipNotice.class)
                    .canceled(sites.timeAt(sites.byId(shipment.siteId())));
            Partner partner = partners.coded(original.partnerCode());
            long id =
                    keep(partner, original.shipmentId(), original.job(), notice, partners.nextControl(partner.code()));
            return mapper.byId(id).orElseThrow();
        });
    }

    private long keep(Partner partner, long shipmentId, String job, ShipNotice notice, int control) {
        NewShipNotice fresh = new NewShipNotice(
                partner.code(),
                shipmentId,
                job,
                notice,
                partner.profile().form(),
                control,
                UUID.randomUUID().toString(),
                json.writeValueAsString(notice),
                clock.instant());
        mapper.insert(fresh);
        return fresh.getId();
    }
}
