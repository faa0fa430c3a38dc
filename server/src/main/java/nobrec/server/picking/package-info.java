/** Papers for whoever fetches the pieces, before anything is shipped. */
package nobrec.server.picking;
