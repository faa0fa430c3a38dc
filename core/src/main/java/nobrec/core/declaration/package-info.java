/** What is declared of a shipment that leaves the country. */
package nobrec.core.declaration;
