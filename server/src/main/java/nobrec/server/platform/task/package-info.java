/** Long work that goes on by itself, shows how far it is, outlives page and server, and can be stopped. */
package nobrec.server.platform.task;
