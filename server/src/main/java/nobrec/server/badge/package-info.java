/** Badges: whose acts follow at a desk that several people share. */
package nobrec.server.badge;
