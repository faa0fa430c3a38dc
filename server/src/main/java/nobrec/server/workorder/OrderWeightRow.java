package nobrec.server.workorder;

import nobrec.core.measure.Weight;

/** What the records say all of a work order weighs; null where a weight is missing. */
record OrderWeightRow(long id, Weight weight) {}
