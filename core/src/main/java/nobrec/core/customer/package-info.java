/** What a customer may decide about a shipment: the way it goes, and where to. */
package nobrec.core.customer;
