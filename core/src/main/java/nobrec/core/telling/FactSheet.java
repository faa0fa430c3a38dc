package nobrec.core.telling;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * All that can be told of one job in one shipment, as it was known at one moment.
 *
 * @param facts as {@link FactKind} keeps them; one that is not known is not in it
 * @param custom the job's own fields, by name
 */
public record FactSheet(
        Map<TellingFact, String> facts,
        Map<String, String> custom,
        List<Map<TellingFact, String>> packages,
        List<Map<TellingFact, String>> lines) {

    public FactSheet {
        facts = Map.copyOf(facts);
        custom = Map.copyOf(custom);
        packages = packages.stream().map(Map::copyOf).toList();
        lines = lines.stream().map(Map::copyOf).toList();
    }

    /** The same, but with another one of its facts. */
    public FactSheet with(TellingFact fact, String kept) {
        return new FactSheet(joined(Map.of(fact, kept)), custom, packages, lines);
    }

    /** The facts of the shipment together with those of one of its packages or lines. */
    FactSheet of(Map<TellingFact, String> part) {
        return new FactSheet(joined(part), custom, List.of(), List.of());
    }

    private Map<TellingFact, String> joined(Map<TellingFact, String> part) {
        Map<TellingFact, String> all = new EnumMap<>(TellingFact.class);
        all.putAll(facts);
        all.putAll(part);
        return all;
    }
}
