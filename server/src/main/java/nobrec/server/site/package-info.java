/** Our own sites. */
package nobrec.server.site;
