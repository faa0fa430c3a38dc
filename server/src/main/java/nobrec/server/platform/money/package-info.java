/** The shop's one currency: amounts in it, as the database keeps them and as they are written. */
package nobrec.server.platform.money;
