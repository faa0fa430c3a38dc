package nobrec.core.writeback;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.core.telling.FactScope;
import nobrec.core.telling.Moment;

/**
 * What another system is told of a shipment, as the shop has set it up.
 *
 * @param moments when it is told by itself; at other moments on demand only
 * @param sources codes of the sources whose jobs it is told of; none: of all that have a record
 * @param number a template of the number under which it knows the job; a job for which it is empty is not told
 * @param fields of the job there
 * @param packageFields of each package there
 * @param lineFields of each line there
 * @param words its words for ours
 * @param statement by which a database is written; empty text for other systems
 * @param packageStatement ... once for each package; empty text for none
 * @param lineStatement ... once for each line; empty text for none
 * @param reading a SELECT of what stands there now, shown before it is written; empty text for none
 */
public record WriteBackPlan(
        Set<Moment> moments,
        List<String> sources,
        String number,
        List<Field> fields,
        List<Field> packageFields,
        List<Field> lineFields,
        List<Word> words,
        String statement,
        String packageStatement,
        String lineStatement,
        String reading) {

    /**
     * @param name as the other system calls it
     * @param value a template of what goes into it
     * @param whenVoid a template of what goes into it where the shipment is void and nothing else of the job has left
     */
    public record Field(String name, String value, String whenVoid) {}

    /** @param ours as we say it, letter case aside */
    public record Word(String ours, String theirs) {}

    public WriteBackPlan {
        moments = Set.copyOf(moments);
        sources = List.copyOf(sources);
        fields = List.copyOf(fields);
        packageFields = List.copyOf(packageFields);
        lineFields = List.copyOf(lineFields);
        words = List.copyOf(words);
    }

    /** @throws Refusal when a template asks for what there is not, or a name stands twice */
    public void requireUsable() {
        if (fields.isEmpty() && packageFields.isEmpty() && lineFields.isEmpty()) {
            throw Refusal.unusable("The fields", "There is none.", "Say what goes into at least one.");
        }
        requireFields("Fields of the job", fields);
        requireFields("Fields of a package", packageFields);
        requireFields("Fields of a line", lineFields);
        Set<String> seen = new HashSet<>();
        for (Word word : words) {
            if (!seen.add(plain(word.ours()))) {
                throw Refusal.unusable(
                        "Word “" + word.ours() + "”", "It stands there twice.", "Say it once what it is called there.");
            }
        }
        new WriteBacks(this);
    }

    private static void requireFields(String thing, List<Field> fields) {
        if (fields.size() > Limits.FIELDS_OF_TARGET) {
            throw Refusal.unusable(
                    thing, "There are more than " + Limits.FIELDS_OF_TARGET + ".", "Leave out those nobody reads.");
        }
        Set<String> seen = new HashSet<>();
        for (Field field : fields) {
            if (!seen.add(field.name())) {
                throw Refusal.unusable(
                        "Field “" + field.name() + "”", "It stands there twice.", "Say once what goes into it.");
            }
        }
    }

    static String plain(String word) {
        return word.strip().toLowerCase(Locale.ROOT);
    }

    /** Names of what a statement may ask for, by whose fields they are. */
    public List<String> names(FactScope scope) {
        return switch (scope) {
            case SHIPMENT -> fields.stream().map(Field::name).toList();
            case PACKAGE -> packageFields.stream().map(Field::name).toList();
            case LINE -> lineFields.stream().map(Field::name).toList();
        };
    }
}
