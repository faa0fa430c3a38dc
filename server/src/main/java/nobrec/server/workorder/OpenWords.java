package nobrec.server.workorder;

import java.util.List;
import java.util.Optional;
import nobrec.core.charging.FreightTerms;
import nobrec.core.intake.OpenMeasure;
import nobrec.core.layout.OrderField;
import nobrec.core.wordbook.SourceWords;
import nobrec.core.wordbook.WordKind;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Words in work orders that nobody has translated yet. */
@Service
public class OpenWords {

    private static final int SHOWN = 500;

    /**
     * @param word as it is compared
     * @param written as it stands in one of the records
     * @param jobs that wait for it
     */
    public record OpenEntry(String source, WordKind kind, String word, String written, int jobs) {}

    /**
     * Where a word stands.
     *
     * @param line of the work order; zero for what is said of the whole
     * @param written all that stands there
     */
    public record Use(long id, long workOrderId, WordKind kind, OrderField field, int line, String written) {}

    private final OpenWordMapper mapper;
    private final WorkOrders workOrders;
    private final ChangedOrders changes;

    OpenWords(OpenWordMapper mapper, WorkOrders workOrders, ChangedOrders changes) {
        this.mapper = mapper;
        this.workOrders = workOrders;
        this.changes = changes;
    }

    /** Those on most jobs first. */
    public List<OpenEntry> all() {
        return mapper.all(SHOWN);
    }

    public int count(String source, WordKind kind, String word) {
        return mapper.count(source, kind, word);
    }

    /** Some of the places where a word stands. */
    public List<Use> uses(String source, WordKind kind, String word, int limit) {
        return mapper.uses(source, kind, word, limit);
    }

    /** Reads what stands there again, now that its word is known, and lets the jobs go on. */
    @Transactional
    public void resolve(List<Use> uses, SourceWords words) {
        for (Use use : uses) {
            mapper.lockOrder(use.workOrderId());
            set(use, words);
            mapper.delete(use.id());
        }
        uses.stream().map(Use::workOrderId).distinct().forEach(changes::of);
    }

    private void set(Use use, SourceWords words) {
        long order = use.workOrderId();
        switch (use.field()) {
            case UNIT_WEIGHT ->
                OpenMeasure.weight(use.written(), words)
                        .ifPresent(weight -> mapper.setUnitWeight(order, use.line(), weight));
            case UNIT_SIZE ->
                OpenMeasure.size(use.written(), words)
                        .ifPresent(size ->
                                mapper.setUnitSize(order, use.line(), size.length(), size.width(), size.height()));
            default -> words.meaning(use.kind(), use.written()).ifPresent(meaning -> setWord(use, meaning));
        }
    }

    private void setWord(Use use, String meaning) {
        long order = use.workOrderId();
        switch (use.field()) {
            case SERVICE -> mapper.setService(order, meaning);
            case CARTON -> mapper.setCarton(order, meaning);
            case SITE -> mapper.setSite(order, meaning);
            case ORIGIN_SYSTEM -> mapper.setOrigin(order, meaning);
            case TERMS -> terms(meaning).ifPresent(terms -> mapper.setTerms(order, terms));
            case COUNTRY ->
                workOrders.correctShipTo(
                        order, workOrders.byId(order).shipTo().in(meaning).inStandardSpelling());
            case BILL_COUNTRY ->
                mapper.setBillTo(
                        order,
                        RecordTexts.write(workOrders
                                .byId(order)
                                .particulars()
                                .billTo()
                                .in(meaning)
                                .inStandardSpelling()));
            default -> throw new IllegalStateException("No word is kept for " + use.field());
        }
    }

    private static Optional<FreightTerms> terms(String words) {
        return FreightTerms.read(words);
    }
}
