package nobrec.server.platform.outbox;

/**
 * What has not come to its end.
 *
 * @param waiting for longer than it should
 */
public record OpenCounts(int failed, int waiting) {}
