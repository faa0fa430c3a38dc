package nobrec.server.api.list;

/**
 * One of several values that somebody may choose.
 *
 * @param words for people
 */
public record Choice(String value, String words) {}
