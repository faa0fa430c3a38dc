package nobrec.server.connection;

/**
 * A row of table connection.
 *
 * @param secret encrypted; null when there is none
 */
@SuppressWarnings("ArrayRecordComponent")
record ConnectionRow(
        String code,
        String name,
        String adapter,
        String address,
        int timeLimitMillis,
        String userName,
        byte[] secret) {}
