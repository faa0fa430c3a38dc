/** Shipping: the intent, the call to the carrier, its answer, and what follows. */
package nobrec.server.booking;
