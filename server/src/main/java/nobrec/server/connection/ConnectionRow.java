package nobrec.server.connection;

import org.jspecify.annotations.Nullable;

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
        byte @Nullable [] secret) {}
