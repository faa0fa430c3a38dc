/** Printers that speak IPP (RFC 8010 and 8011). */
package nobrec.server.printing.ipp;
