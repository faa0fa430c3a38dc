/** Long work as people look at it: how far it is, and how it is stopped. */
package nobrec.server.task;
