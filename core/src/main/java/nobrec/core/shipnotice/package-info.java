/** What a partner is told of a shipment: what is in which package; as an X12 interchange, and what comes back on it. */
package nobrec.core.shipnotice;
