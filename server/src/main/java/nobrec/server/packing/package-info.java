/** Opening a shipment, packing it by hand, and combining jobs; decided by {@code core.shipment}. */
package nobrec.server.packing;
