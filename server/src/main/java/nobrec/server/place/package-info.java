/** The reference of postal codes. */
package nobrec.server.place;
