/** The adapter of carriers that take consignments as JSON with a key. */
package nobrec.server.carrier.consignments;
