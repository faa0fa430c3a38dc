package nobrec.server.wordbook;

import java.time.Instant;
import nobrec.core.wordbook.WordKind;

/** A row of table wordbook_entry. */
record WordbookRow(String source, WordKind kind, String word, String meaning, String answeredBy, Instant answeredAt) {}
