/** Pickups that a carrier is asked for: asked, confirmed, called off. */
package nobrec.server.pickup;
