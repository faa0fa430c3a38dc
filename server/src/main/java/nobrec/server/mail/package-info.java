/** Mail to customers and notes to colleagues, by rule, from the shop's own server. */
package nobrec.server.mail;
