/** Partners that come for what is theirs. */
package nobrec.server.partner.fetched;
