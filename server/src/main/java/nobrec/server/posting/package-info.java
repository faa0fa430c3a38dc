/** Write-backs to invoice, source and journal, and the list of all that goes outside. */
package nobrec.server.posting;
