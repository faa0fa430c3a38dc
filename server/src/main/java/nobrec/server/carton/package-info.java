/** The carton types of the shop. */
package nobrec.server.carton;
