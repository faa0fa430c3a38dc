/** The adapter of record systems that speak docs/record-protocol.md. */
package nobrec.server.source.protocol;
