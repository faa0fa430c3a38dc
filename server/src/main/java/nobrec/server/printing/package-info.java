/** Printers: what they say of themselves, which paper goes where, and each job followed until it is out. */
package nobrec.server.printing;
