/** What the words of each source mean here; those nobody has translated yet, and the answers that free the jobs they hold up. */
package nobrec.server.wordbook;
