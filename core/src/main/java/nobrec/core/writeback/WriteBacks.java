package nobrec.core.writeback;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import nobrec.core.refusal.Refusal;
import nobrec.core.telling.FactScope;
import nobrec.core.telling.FactSheet;
import nobrec.core.telling.TellingFact;
import nobrec.core.telling.Template;

/** A plan that was read: makes of what is known of a shipment what another system is told. */
public final class WriteBacks {

    private record ReadField(String name, Template value, Template whenVoid) {}

    private final Template number;
    private final List<ReadField> fields;
    private final List<ReadField> packageFields;
    private final List<ReadField> lineFields;
    private final Map<String, String> words;

    /** @throws Refusal when a template asks for what there is not */
    public WriteBacks(WriteBackPlan plan) {
        this.number = Template.read("Number of the job there", plan.number(), FactScope.SHIPMENT);
        this.fields = read(plan.fields(), FactScope.SHIPMENT);
        this.packageFields = read(plan.packageFields(), FactScope.PACKAGE);
        this.lineFields = read(plan.lineFields(), FactScope.LINE);
        this.words = plan.words().stream()
                .collect(Collectors.toMap(
                        word -> WriteBackPlan.plain(word.ours()),
                        WriteBackPlan.Word::theirs,
                        (one, other) -> one,
                        LinkedHashMap::new));
    }

    private static List<ReadField> read(List<WriteBackPlan.Field> fields, FactScope scope) {
        return fields.stream()
                .map(each -> new ReadField(
                        each.name(),
                        Template.read("Field “" + each.name() + "”", each.value(), scope),
                        Template.read("Field “" + each.name() + "” when void", each.whenVoid(), scope)))
                .toList();
    }

    private String inTheirWords(String ours) {
        return words.getOrDefault(WriteBackPlan.plain(ours), ours);
    }

    /** Under which number it knows the job; empty text where it does not. */
    public String number(FactSheet sheet) {
        return number.write(sheet, this::inTheirWords).strip();
    }

    public WriteBack of(FactSheet sheet) {
        return written(sheet, ReadField::value);
    }

    /** What is written once the shipment is void. */
    public WriteBack whenVoid(FactSheet sheet) {
        return written(sheet, ReadField::whenVoid);
    }

    private WriteBack written(FactSheet sheet, Function<ReadField, Template> template) {
        Map<String, String> ofJob = new LinkedHashMap<>();
        fields.forEach(each -> ofJob.put(each.name(), template.apply(each).write(sheet, this::inTheirWords)));
        return new WriteBack(
                number(sheet),
                ofJob,
                parts(packageFields, sheet.packages(), sheet, template),
                parts(lineFields, sheet.lines(), sheet, template));
    }

    private List<Map<String, String>> parts(
            List<ReadField> partFields,
            List<Map<TellingFact, String>> parts,
            FactSheet sheet,
            Function<ReadField, Template> template) {
        return partFields.isEmpty()
                ? List.of()
                : parts.stream()
                        .map(part -> {
                            Map<String, String> of = new LinkedHashMap<>();
                            partFields.forEach(each ->
                                    of.put(each.name(), template.apply(each).write(sheet, part, this::inTheirWords)));
                            return of;
                        })
                        .toList();
    }
}
