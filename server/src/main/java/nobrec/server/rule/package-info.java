/** The shop's house rules: kept in their order, tried on past jobs, brought to the jobs that have not left. */
package nobrec.server.rule;
