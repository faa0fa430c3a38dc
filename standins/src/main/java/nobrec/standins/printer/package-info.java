/** Printers that speak IPP and show their pages. */
package nobrec.standins.printer;
