package nobrec.server.shipment;

import nobrec.core.measure.Weight;

/** What has left by a service on a day. */
public record DepartedRow(String serviceCode, int packages, Weight weight) {}
