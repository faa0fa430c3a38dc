package nobrec.core.workorder;

/**
 * A word of its source that holds a work order up until somebody says what it means.
 *
 * @param kind what it stands for, as people call it: a service, a country
 */
public record UnknownWord(String kind, String word) {}
