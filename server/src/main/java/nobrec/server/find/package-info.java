/** The one field that understands whatever is scanned or typed. */
package nobrec.server.find;
