/** What comes back from customers: labels for the way back, what is awaited, what came, and what it cost. */
package nobrec.server.returns;
