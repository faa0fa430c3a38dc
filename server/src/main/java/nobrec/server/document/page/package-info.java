/** How pages are drawn and set: typefaces, barcodes, and what turns markup into a PDF. */
package nobrec.server.document.page;
