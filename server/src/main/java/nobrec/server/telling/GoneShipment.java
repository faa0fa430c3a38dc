package nobrec.server.telling;

import nobrec.core.service.Service;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;

/** A shipment that has its tracking numbers, with all that is told of it. */
public record GoneShipment(Shipment shipment, Jobs jobs, Service service) {}
