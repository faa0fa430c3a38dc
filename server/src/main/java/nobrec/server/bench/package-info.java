/** The Bench's API: one shipment as the screen shows it, and the acts on it. */
package nobrec.server.bench;
