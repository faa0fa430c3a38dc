package nobrec.server.wordbook;

import nobrec.core.wordbook.WordKind;

/**
 * Somebody has said what a word means, or that it is asked about again.
 *
 * @param word as it is compared
 */
public record WordAnswered(String source, WordKind kind, String word) {}
