/** Carriers, services and rate sheets as they are set up, and the way to a carrier. */
package nobrec.server.carrier;
