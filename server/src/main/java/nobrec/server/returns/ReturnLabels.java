package nobrec.server.returns;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.refusal.Refusal;
import nobrec.core.returns.ReturnState;
import nobrec.core.service.Carrier;
import nobrec.core.service.Service;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.Consignment;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.carrier.TrackingNumbers;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.document.NewPaper;
import nobrec.server.document.Papers;
import nobrec.server.document.ReturnPapers;
import nobrec.server.platform.outbox.NewEntry;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxHandler;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.OutboxState;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.shipment.ShipmentStore;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrders;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.json.JsonMapper;

/**
 * Labels for the way back: asked for, and made void, each an intent with a key, a call outside any transaction, and an answer. What a
 * crash or silence leaves open, the outbox finishes.
 */
@Component
class ReturnLabels implements OutboxHandler {

    private static final Logger LOG = LoggerFactory.getLogger(ReturnLabels.class);

    /** The one package of a return. */
    private static final int ONLY = 1;

    private final ReturnMapper mapper;
    private final CarrierGateway gateway;
    private final ServiceCatalog catalog;
    private final ShipmentStore store;
    private final WorkOrders workOrders;
    private final ReturnPapers returnPapers;
    private final Papers papers;
    private final Sites sites;
    private final Outbox outbox;
    private final TransactionOperations transactions;
    private final JsonMapper json;

    ReturnLabels(
            ReturnMapper mapper,
            CarrierGateway gateway,
            ServiceCatalog catalog,
            ShipmentStore store,
            WorkOrders workOrders,
            ReturnPapers returnPapers,
            Papers papers,
            Sites sites,
            Outbox outbox,
            TransactionOperations transactions,
            JsonMapper json) {
        this.mapper = mapper;
        this.gateway = gateway;
        this.catalog = catalog;
        this.store = store;
        this.workOrders = workOrders;
        this.returnPapers = returnPapers;
        this.papers = papers;
        this.sites = sites;
        this.outbox = outbox;
        this.transactions = transactions;
        this.json = json;
    }

    void requireConnected(Service service) {
        gateway.requireConnected(service.carrier());
    }

    /** To be called in the transaction that keeps the return. */
    OutboxEntry askFor(long id, Shipment shipment, WorkOrder job, Service service, Weight weight, Size size) {
        Site site = sites.byId(shipment.siteId());
        return taken(new NewEntry(
                OutboxKind.RETURN_LABEL,
                Subject.goodsReturn(id, job.number()),
                service.carrier().code(),
                "Return by " + service.name(),
                gateway.write(Consignment.back(job, site, service.code(), sites.today(), weight, size))));
    }

    /** To be called in the transaction in which it is called off. */
    OutboxEntry makeVoid(ReturnRow row) {
        Subject subject = Subject.goodsReturn(row.id(), row.job());
        String bookingKey = outbox.of(Subject.Kind.RETURN, row.id()).stream()
                .filter(each -> each.kind() == OutboxKind.RETURN_LABEL && each.state() == OutboxState.DONE)
                .map(OutboxEntry::entryKey)
                .findFirst()
                .orElseThrow();
        return taken(new NewEntry(
                OutboxKind.RETURN_VOID,
                subject,
                Objects.requireNonNull(row.carrierCode()),
                "Void of return label " + row.trackingNumber(),
                bookingKey));
    }

    private OutboxEntry taken(NewEntry fresh) {
        return outbox.addTaken(List.of(fresh)).get(0);
    }

    /** At once; what does not come to an end is left to the outbox. */
    void attemptAloud(OutboxEntry entry) {
        OutsideAnswer<?> answer;
        try {
            answer = entry.kind() == OutboxKind.RETURN_LABEL ? askOnce(entry, false) : voidOnce(entry);
        } catch (RuntimeException failed) {
            LOG.error("{} was begun and not finished; it goes on by itself", entry.subject(), failed);
            return;
        }
        if (answer instanceof OutsideAnswer.Refused<?> refused) {
            throw Refusal.unusable(
                    catalog.carrier(entry.target()).name(),
                    "It refused: " + refused.reason(),
                    entry.kind() == OutboxKind.RETURN_LABEL
                            ? "Choose another service."
                            : "The label counts. Speak with the carrier.");
        }
    }

    @Override
    public Set<OutboxKind> kinds() {
        return Set.of(OutboxKind.RETURN_LABEL, OutboxKind.RETURN_VOID);
    }

    @Override
    public void carryOut(OutboxEntry entry) {
        if (entry.kind() == OutboxKind.RETURN_LABEL) {
            askOnce(entry, true);
        } else {
            voidOnce(entry);
        }
    }

    private OutsideAnswer<TrackingNumbers> askOnce(OutboxEntry entry, boolean again) {
        Carrier carrier = catalog.carrier(entry.target());
        OutsideAnswer<TrackingNumbers> answer =
                again ? gateway.lookUp(carrier, entry.entryKey()) : new OutsideAnswer.NotFound<>();
        if (answer instanceof OutsideAnswer.NotFound<TrackingNumbers>) {
            answer = gateway.book(carrier, entry.entryKey(), entry.request());
        }
        settle(entry, checked(answer));
        return answer;
    }

    /** One number for one package, which no other package has. */
    private OutsideAnswer<TrackingNumbers> checked(OutsideAnswer<TrackingNumbers> answer) {
        return answer.then(numbers -> {
            Map<Integer, String> byPackage = numbers.byPackage();
            if (!byPackage.keySet().equals(Set.of(ONLY))) {
                return new OutsideAnswer.Unknown<>("The carrier gave numbers for other packages than was asked.");
            }
            String number = Objects.requireNonNull(byPackage.get(ONLY));
            boolean used = Boolean.TRUE.equals(transactions.execute(
                    status -> !store.trackingNumbersInUse(byPackage.values()).isEmpty()
                            || mapper.byTrackingNumber(number).isPresent()));
            return used
                    ? new OutsideAnswer.Unknown<>("The carrier gave number " + number + ", which another package has.")
                    : new OutsideAnswer.Accepted<>(numbers);
        });
    }

    private void settle(OutboxEntry entry, OutsideAnswer<TrackingNumbers> answer) {
        if (answer instanceof OutsideAnswer.Accepted<TrackingNumbers> accepted) {
            String number = Objects.requireNonNull(accepted.result().byPackage().get(ONLY));
            NewPaper label = draw(entry, number);
            ifWaiting(entry, ReturnState.ASKED, row -> {
                outbox.done(entry, number);
                mapper.keepNumber(row.id(), number);
                mapper.move(row.id(), ReturnState.ASKED, ReturnState.EXPECTED, row.due(), "");
                papers.keep(List.of(label));
            });
        } else if (answer instanceof OutsideAnswer.Refused<TrackingNumbers> refused) {
            ifWaiting(entry, ReturnState.ASKED, row -> {
                outbox.refused(entry, refused.reason());
                mapper.move(row.id(), ReturnState.ASKED, ReturnState.REFUSED, row.due(), refused.reason());
            });
        } else {
            outbox.putOff(entry, answer.whyOpen());
        }
    }

    private NewPaper draw(OutboxEntry entry, String number) {
        ReturnRow row = mapper.byId(entry.subjectId()).orElseThrow();
        Consignment asked = json.readValue(entry.request(), Consignment.class);
        return returnPapers.draw(
                entry.subject(),
                new ReturnPapers.WayBack(
                        workOrders.byId(row.workOrderId()),
                        sites.byId(row.siteId()),
                        catalog.service(Objects.requireNonNull(row.serviceCode())),
                        number,
                        Objects.requireNonNull(row.weight()),
                        asked.packages().get(0).size(),
                        sites.dayOf(row.askedAt()),
                        row.due()));
    }

    private OutsideAnswer<String> voidOnce(OutboxEntry entry) {
        OutsideAnswer<String> answer =
                gateway.makeVoid(catalog.carrier(entry.target()), entry.entryKey(), entry.request());
        if (answer instanceof OutsideAnswer.NotFound<String>) {
            answer = new OutsideAnswer.Refused<>("It has no such label.");
        }
        if (answer instanceof OutsideAnswer.Accepted<String> accepted) {
            ifWaiting(entry, ReturnState.CALLING_OFF, row -> {
                outbox.done(entry, accepted.result());
                mapper.move(row.id(), ReturnState.CALLING_OFF, ReturnState.CALLED_OFF, row.due(), "");
                papers.markVoid(Subject.Kind.RETURN, row.id(), row.id());
            });
        } else if (answer instanceof OutsideAnswer.Refused<String> refused) {
            ifWaiting(entry, ReturnState.CALLING_OFF, row -> {
                outbox.refused(entry, refused.reason());
                mapper.move(row.id(), ReturnState.CALLING_OFF, ReturnState.EXPECTED, row.due(), refused.reason());
            });
        } else {
            outbox.putOff(entry, answer.whyOpen());
        }
        return answer;
    }

    private interface Settling {
        void with(ReturnRow row);
    }

    /** An answer that comes twice, or too late, is stored once; a return that came meanwhile stays received. */
    private void ifWaiting(OutboxEntry entry, ReturnState waiting, Settling settling) {
        transactions.executeWithoutResult(status -> {
            ReturnRow row = mapper.byIdLocked(entry.subjectId()).orElseThrow();
            if (row.state() == waiting) {
                settling.with(row);
            } else {
                outbox.done(entry, "It had come by then.");
            }
        });
    }
}
