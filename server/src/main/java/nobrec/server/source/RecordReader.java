package nobrec.server.source;

import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.intake.OrderReader;
import nobrec.core.intake.RowFault;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.wordbook.SourceWords;
import nobrec.core.wordbook.WordKind;
import nobrec.server.platform.Shortened;
import nobrec.server.wordbook.Wordbook;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Reads the records of a source as it is set up. */
@Component
class RecordReader {

    static final String READY = "ready";
    private static final int LONGEST_PROBLEM = 600;

    /**
     * @param problem why there is no draft; empty text where there is one
     */
    record Read(Optional<WorkOrderDraft> draft, String problem) {

        /** What it will wait for once it is here; empty text for nothing. */
        String remark() {
            String words = draft.stream()
                    .flatMap(each -> each.openWords().stream())
                    .map(word -> word.kind().label() + " “" + word.word() + "”")
                    .distinct()
                    .collect(Collectors.joining(", "));
            return words.isEmpty()
                    ? ""
                    : Shortened.to(LONGEST_PROBLEM, "It will wait for the wordbook: " + words + ".");
        }
    }

    private final Wordbook wordbook;
    private final JsonMapper json;

    RecordReader(Wordbook wordbook, JsonMapper json) {
        this.wordbook = wordbook;
        this.json = json;
    }

    Read read(SourceSetUp source, SourceRecord record) {
        if (source.layout().isEmpty()) {
            return new Read(Optional.empty(), "Nobody has said yet which of its fields feeds which of ours.");
        }
        SourceWords words = wordbook.of(source.code());
        OrderReader.Result result = SourceLayouts.read(record, source.layout().get(), words, source.defaults());
        if (result.orders().isEmpty()) {
            String problem =
                    result.faults().stream().findFirst().map(RecordReader::said).orElse("It is empty.");
            int more = result.faults().size() - 1;
            return new Read(
                    Optional.empty(),
                    Shortened.to(LONGEST_PROBLEM, problem + (more > 0 ? " And " + more + " more." : "")));
        }
        return new Read(Optional.of(result.orders().get(0)), "");
    }

    private static String said(RowFault fault) {
        return fault.column() + " “" + fault.value() + "”: " + fault.reason() + " " + fault.remedy();
    }

    /** Whether a record's status means that it is ready to ship; empty while nobody has said so. */
    Optional<Boolean> isReady(SourceSetUp source, String status) {
        return status.isEmpty()
                ? Optional.of(true)
                : wordbook.of(source.code()).meaning(WordKind.STATUS, status).map(READY::equals);
    }

    SourceRecord record(String document) {
        return json.readValue(document, SourceRecord.class);
    }

    String document(SourceRecord record) {
        return json.writeValueAsString(record);
    }
}
