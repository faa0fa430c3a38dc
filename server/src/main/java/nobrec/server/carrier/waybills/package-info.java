/** The adapter of carriers that take waybill requests as XML. */
package nobrec.server.carrier.waybills;
