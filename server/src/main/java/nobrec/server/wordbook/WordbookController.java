package nobrec.server.wordbook;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.core.wordbook.WordKind;
import nobrec.server.account.Accounts;
import nobrec.server.api.security.ForCoordinators;
import nobrec.server.api.security.ForEveryone;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The wordbook, and the words that wait for an answer. */
@RestController
@Tag(name = "sources")
class WordbookController {

    /** @param kinds with the words to choose from */
    record WordbookView(List<OpenWordView> open, List<AnsweredWord> answered, List<KindView> kinds) {}

    /**
     * @param word as it is compared
     * @param written as it stands in the records
     * @param jobs that wait for it
     * @param nearest the known word it is most like
     */
    record OpenWordView(
            String source,
            String sourceName,
            String kind,
            String kindLabel,
            String word,
            String written,
            int jobs,
            Optional<String> nearest) {}

    record AnsweredWord(
            String source, String sourceName, String kind, String kindLabel, String word, String meaning, String by) {}

    record KindView(String kind, String label, List<Choice> choices) {}

    /** @param label as people call it */
    record Choice(String meaning, String label) {}

    record Answer(
            @NotNull @Size(max = Limits.CODE * 2) String source,
            @NotNull WordKind kind,
            @NotNull @Size(max = Limits.TEXT) String word,
            @NotNull @Size(max = Limits.TEXT) String meaning) {}

    record TakenBack(
            @NotNull @Size(max = Limits.CODE * 2) String source,
            @NotNull WordKind kind,
            @NotNull @Size(max = Limits.TEXT) String word) {}

    /** @param task that frees the jobs */
    record Answered(long task) {}

    private final Wordbook wordbook;
    private final Accounts accounts;

    WordbookController(Wordbook wordbook, Accounts accounts) {
        this.wordbook = wordbook;
        this.accounts = accounts;
    }

    @GetMapping("/api/v1/wordbook")
    @ForEveryone
    WordbookView wordbook() {
        return new WordbookView(
                wordbook.open().stream()
                        .map(each -> new OpenWordView(
                                each.source(),
                                wordbook.sourceName(each.source()),
                                each.kind().name(),
                                each.kind().label(),
                                each.word(),
                                each.written(),
                                each.jobs(),
                                each.nearest()))
                        .toList(),
                wordbook.answered().stream()
                        .map(row -> new AnsweredWord(
                                row.source(),
                                wordbook.sourceName(row.source()),
                                row.kind().name(),
                                row.kind().label(),
                                row.word(),
                                row.meaning(),
                                accounts.displayName(row.answeredBy())))
                        .toList(),
                Arrays.stream(WordKind.values()).map(this::kind).toList());
    }

    private KindView kind(WordKind kind) {
        return new KindView(
                kind.name(),
                kind.label(),
                wordbook.known().all(kind).stream()
                        .map(word -> new Choice(word.meaning(), word.words().get(0)))
                        .toList());
    }

    /** Says what a word means, for the jobs that wait and for all that come. */
    @PutMapping("/api/v1/wordbook")
    @ForCoordinators
    Answered answer(@Valid @RequestBody Answer answer, Principal who) {
        return new Answered(
                wordbook.answer(answer.source(), answer.kind(), answer.word(), answer.meaning(), who.getName()));
    }

    @DeleteMapping("/api/v1/wordbook")
    @ForCoordinators
    WordbookView forget(@Valid @RequestBody TakenBack word, Principal who) {
        wordbook.forget(word.source(), word.kind(), word.word(), who.getName());
        return wordbook();
    }
}
