/** What all rooms stand on: settings, clock, outbox, money, database types, CSV files. Knows no other room. */
package nobrec.server.platform;
