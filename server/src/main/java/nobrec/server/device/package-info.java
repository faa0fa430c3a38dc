/** The bench scale. */
package nobrec.server.device;
