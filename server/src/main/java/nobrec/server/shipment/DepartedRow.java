package nobrec.server.shipment;

import nobrec.core.measure.Weight;

/** What has left a site by a service on a day. */
public record DepartedRow(long siteId, String serviceCode, int packages, Weight weight) {}
