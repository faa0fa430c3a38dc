/** How a shop makes up its papers, as it is kept: one store for every kind of design. */
package nobrec.server.document.kept;
