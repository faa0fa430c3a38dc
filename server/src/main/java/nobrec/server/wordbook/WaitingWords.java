package nobrec.server.wordbook;

import java.util.List;
import nobrec.server.workorder.OpenWords;

/** Words that wait for an answer elsewhere than in work orders. */
public interface WaitingWords {

    List<OpenWords.OpenEntry> waitingWords();
}
