package nobrec.server.source;

import nobrec.server.connection.Connection;

/**
 * Where records are read, and by what.
 *
 * @param query the SELECT of the shop's that a database is read by; empty text for what needs none
 */
public record RecordAccess(Connection connection, String query) {}
