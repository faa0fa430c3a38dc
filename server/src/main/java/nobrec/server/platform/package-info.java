/** What all rooms stand on: settings, clock, outbox, database types, calls to the outside, CSV files. Knows no other room. */
package nobrec.server.platform;
