package nobrec.server.workorder;

import nobrec.core.wordbook.WordKind;
import nobrec.core.workorder.UnknownWord;

/** Some columns of a row of table work_order_word. */
record UnknownWordRow(long workOrderId, WordKind kind, String written) {

    UnknownWord word() {
        return new UnknownWord(kind.label(), written);
    }
}
