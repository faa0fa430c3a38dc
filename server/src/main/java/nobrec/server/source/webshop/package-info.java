/** The adapter of web shops that list orders page by page. */
package nobrec.server.source.webshop;
