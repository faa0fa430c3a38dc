/** Systems and devices outside: where each is, how we sign in to it, how long it may take; and the calls to it. */
package nobrec.server.connection;
