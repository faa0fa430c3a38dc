/** Labels and slips: drawn, kept, and given out again. */
package nobrec.server.document;
