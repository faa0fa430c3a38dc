/** What is fetched from the shelves before it is packed. */
package nobrec.core.picking;
