package nobrec.core.intake;

import nobrec.core.layout.OrderField;
import nobrec.core.wordbook.WordKind;

/**
 * A word of a source that nobody has translated yet, where it stands.
 *
 * @param line of the work order, counted from one; zero for what is said of the whole
 * @param text all that stands there: a weight {@code 4 stn} where the word is its unit
 */
public record OpenWord(WordKind kind, String word, OrderField field, int line, String text) {}
