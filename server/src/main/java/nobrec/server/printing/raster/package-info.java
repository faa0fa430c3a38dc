/** Papers as dots, for printers that take nothing else. */
package nobrec.server.printing.raster;
