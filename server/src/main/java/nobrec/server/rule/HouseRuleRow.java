package nobrec.server.rule;

import java.time.Instant;

/** A row of table house_rule. */
record HouseRuleRow(long id, String definition, String changedBy, Instant changedAt) {}
