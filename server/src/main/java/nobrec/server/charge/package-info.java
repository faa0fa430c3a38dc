/** The shop's charge rules. */
package nobrec.server.charge;
