/** A folder whose files come in by themselves. */
package nobrec.server.orderfile.folder;
