/** What can be told of a shipment to others, by name, and templates that ask for it. */
package nobrec.core.telling;
