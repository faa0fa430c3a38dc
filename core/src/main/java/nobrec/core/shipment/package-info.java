/** What leaves together, its packages, packing by hand, and which jobs may go together. */
package nobrec.core.shipment;
