/** Partners that are called over HTTP. */
package nobrec.server.partner.http;
