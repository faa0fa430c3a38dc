/** The adapter of accounting systems that take freight lines and journal entries as JSON with a key. */
package nobrec.server.posting.books;
