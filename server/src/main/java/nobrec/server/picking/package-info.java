/** Papers about jobs that nothing is kept of: for whoever fetches the pieces, and lists. */
package nobrec.server.picking;
