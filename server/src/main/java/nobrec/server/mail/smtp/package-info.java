/** The adapter of mail servers that speak SMTP. */
package nobrec.server.mail.smtp;
