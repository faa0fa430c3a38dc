/** The day as departures: pickups, what must still make them, what is stuck. */
package nobrec.server.departure;
