/** What became of each shipment, kept in its order and told to whoever listens. */
package nobrec.server.moment;
