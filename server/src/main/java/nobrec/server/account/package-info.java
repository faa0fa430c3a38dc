/** Who may sign in, and what the signed-in may do. */
package nobrec.server.account;
