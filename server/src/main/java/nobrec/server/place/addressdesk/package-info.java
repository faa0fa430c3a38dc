/** The adapter of address services that are asked with JSON and a key. */
package nobrec.server.place.addressdesk;
