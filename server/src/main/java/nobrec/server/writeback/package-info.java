/** What other systems are told of a shipment: which system, when, and what goes into which of its fields. */
package nobrec.server.writeback;
