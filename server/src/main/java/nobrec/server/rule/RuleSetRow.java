package nobrec.server.rule;

import java.time.LocalDate;

/** The row of table house_rule_set. */
record RuleSetRow(int version, LocalDate countedOn) {}
