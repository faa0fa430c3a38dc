/** The adapter of databases that are written by statements of the shop's. */
package nobrec.server.writeback.statement;
