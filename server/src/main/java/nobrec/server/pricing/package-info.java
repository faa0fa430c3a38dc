/** A shipment in the form in which {@code core} prices it, and everything that is computed about it. */
package nobrec.server.pricing;
