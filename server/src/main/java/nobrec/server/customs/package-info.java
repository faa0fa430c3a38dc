/** How the shop declares what leaves the country: who signs, on what terms, at which exchange rates. */
package nobrec.server.customs;
