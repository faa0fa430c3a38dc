package nobrec.server.wordbook;

import java.util.List;
import nobrec.core.wordbook.WordKind;
import nobrec.server.platform.task.TaskHandler;
import nobrec.server.platform.task.TaskRun;
import nobrec.server.workorder.OpenWords;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/** Frees the jobs that waited for a word. */
@Component
class WordTask implements TaskHandler {

    static final String KIND = "WORD";

    record Request(String source, WordKind kind, String word) {}

    private static final int AT_ONCE = 200;

    private final Wordbook wordbook;
    private final OpenWords openWords;
    private final TransactionOperations transactions;

    WordTask(Wordbook wordbook, OpenWords openWords, TransactionOperations transactions) {
        this.wordbook = wordbook;
        this.openWords = openWords;
        this.transactions = transactions;
    }

    @Override
    public String kind() {
        return KIND;
    }

    @Override
    public void run(TaskRun run) {
        Request word = run.request(Request.class);
        int waiting = openWords.count(word.source(), word.kind(), word.word());
        int freed = 0;
        List<OpenWords.Use> portion = next(word);
        while (!portion.isEmpty()) {
            List<OpenWords.Use> uses = portion;
            int so = freed + uses.size();
            transactions.executeWithoutResult(status -> {
                openWords.resolve(uses, wordbook.atThisMoment(word.source()));
                run.report("jobs", so, Math.max(waiting, so));
            });
            freed = so;
            portion = next(word);
        }
    }

    private List<OpenWords.Use> next(Request word) {
        return openWords.uses(word.source(), word.kind(), word.word(), AT_ONCE);
    }
}
