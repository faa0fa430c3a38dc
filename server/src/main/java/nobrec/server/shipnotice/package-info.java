/** What partners are told of shipments: written, handed over, acknowledged or chased, canceled when a shipment is void. */
package nobrec.server.shipnotice;
