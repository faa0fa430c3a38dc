/** Accounts with carriers that are paid beforehand: what they hold, and paying in. */
package nobrec.server.prepaid;
