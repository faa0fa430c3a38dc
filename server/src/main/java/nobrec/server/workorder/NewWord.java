package nobrec.server.workorder;

import nobrec.core.intake.OpenWord;
import nobrec.core.layout.OrderField;
import nobrec.core.wordbook.KnownWords;
import nobrec.core.wordbook.WordKind;

/** A word in a work order that nobody has translated, on its way into the table. */
record NewWord(
        long workOrderId, String source, WordKind kind, String word, OrderField field, int line, String written) {

    static NewWord of(long workOrderId, String source, OpenWord word) {
        return new NewWord(
                workOrderId,
                source,
                word.kind(),
                KnownWords.plain(word.word()),
                word.field(),
                word.line(),
                word.text());
    }
}
