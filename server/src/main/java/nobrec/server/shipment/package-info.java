/** The tables of shipments: loaded whole, kept by difference, states changed in one place. */
package nobrec.server.shipment;
