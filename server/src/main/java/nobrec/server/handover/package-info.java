/** What a driver takes: packages scanned in, the manifest, and what left when and with whom. */
package nobrec.server.handover;
