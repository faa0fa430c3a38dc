/** The adapter of record systems that are told of shipments as JSON with a key. */
package nobrec.server.writeback.orderdesk;
