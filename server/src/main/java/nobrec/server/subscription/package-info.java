/** Events that other systems subscribe to: called for each, or read on from a number. */
package nobrec.server.subscription;
