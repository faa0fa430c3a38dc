package nobrec.server.shipment;

import nobrec.core.measure.Weight;

/** What is on a carrier's pickup of a day. */
public record DepartedRow(String carrierCode, int packages, Weight weight) {}
