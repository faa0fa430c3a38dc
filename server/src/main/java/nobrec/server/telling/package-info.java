/** What can be told of a shipment: gathered in one place for all that others are told. */
package nobrec.server.telling;
