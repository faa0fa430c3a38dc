/** Record systems: what they hold, brought in on demand or by themselves, and what changed there since. */
package nobrec.server.source;
