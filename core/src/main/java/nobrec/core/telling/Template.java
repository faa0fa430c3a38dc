package nobrec.core.telling;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import nobrec.core.refusal.Refusal;

/**
 * A text with places in it for what is told: {@code Shipped by {service} on {ship date | MM/dd/yyyy}[, your PO {customer PO}]}. What
 * stands in square brackets is left out where nothing is known of any fact in it. {@code {field: NAME}} is a field of the shop's own.
 * {@code {origin number or job}} is the first of them that is known. A sign that counts as itself is doubled: {@code {{}, {@code [[}.
 */
public final class Template {

    private static final String FIELD = "field:";

    /** A piece of a template. */
    private sealed interface Part {}

    private record Literal(String text) implements Part {}

    /** @param facts of which the first that is known counts */
    private record Place(List<TellingFact> facts, Optional<String> form) implements Part {}

    private record CustomPlace(String name) implements Part {}

    private record Aside(List<Part> parts) implements Part {}

    private final List<Part> parts;

    private Template(List<Part> parts) {
        this.parts = parts;
    }

    /**
     * @param thing what it is a template of, for people
     * @throws Refusal when it asks for what is not known, or in a form that there is not
     */
    public static Template read(String thing, String text, FactScope scope) {
        return new Template(new Reading(thing, text, scope).all());
    }

    /** @param inTheirWords what stands for a fact where others have a word of their own for it */
    public String write(FactSheet sheet, UnaryOperator<String> inTheirWords) {
        StringBuilder text = new StringBuilder();
        parts.forEach(part -> text.append(written(part, sheet, inTheirWords)));
        return text.toString();
    }

    /** The same for one package or line of it. */
    public String write(FactSheet sheet, Map<TellingFact, String> part, UnaryOperator<String> inTheirWords) {
        return write(sheet.of(part), inTheirWords);
    }

    private static String written(Part part, FactSheet sheet, UnaryOperator<String> inTheirWords) {
        if (part instanceof Literal literal) {
            return literal.text();
        }
        if (part instanceof Place place) {
            return place.facts().stream()
                    .map(fact -> written(fact, sheet.facts().getOrDefault(fact, ""), place.form(), inTheirWords))
                    .filter(text -> !text.isEmpty())
                    .findFirst()
                    .orElse("");
        }
        if (part instanceof CustomPlace custom) {
            return customOf(custom.name(), sheet);
        }
        if (part instanceof Aside aside) {
            boolean allKnown = aside.parts().stream()
                    .filter(each -> !(each instanceof Literal))
                    .noneMatch(each -> written(each, sheet, inTheirWords).isEmpty());
            return allKnown
                    ? aside.parts().stream()
                            .map(each -> written(each, sheet, inTheirWords))
                            .collect(Collectors.joining())
                    : "";
        }
        throw new IllegalStateException("No such part: " + part);
    }

    private static String written(
            TellingFact fact, String kept, Optional<String> form, UnaryOperator<String> inTheirWords) {
        FactKind kind = fact.kind();
        String translated = switch (kind) {
            case TEXT -> inTheirWords.apply(kept);
            case SEVERAL -> FactKind.lines(kept).stream().map(inTheirWords).collect(Collectors.joining("\n"));
            default -> kept;
        };
        return kind.written(translated, form);
    }

    private static String customOf(String name, FactSheet sheet) {
        return sheet.custom().entrySet().stream()
                .filter(each -> each.getKey().equalsIgnoreCase(name))
                .findFirst()
                .map(Map.Entry::getValue)
                .orElse("");
    }

    /** Reads a template, sign by sign. */
    private static final class Reading {
        private final String thing;
        private final String text;
        private final FactScope scope;
        private int at;

        Reading(String thing, String text, FactScope scope) {
            this.thing = thing;
            this.text = text;
            this.scope = scope;
        }

        List<Part> all() {
            return parts(false);
        }

        private List<Part> parts(boolean inside) {
            List<Part> parts = new ArrayList<>();
            StringBuilder literal = new StringBuilder();
            while (at < text.length()) {
                char sign = text.charAt(at);
                if ("{}[]".indexOf(sign) >= 0 && at + 1 < text.length() && text.charAt(at + 1) == sign) {
                    literal.append(sign);
                    at += 2;
                } else if (sign == '{') {
                    flush(literal, parts);
                    parts.add(place());
                } else if (sign == '[' && !inside) {
                    flush(literal, parts);
                    at++;
                    parts.add(new Aside(parts(true)));
                } else if (sign == ']' && inside) {
                    at++;
                    flush(literal, parts);
                    return List.copyOf(parts);
                } else if ("{}[]".indexOf(sign) >= 0) {
                    throw alone(sign);
                } else {
                    literal.append(sign);
                    at++;
                }
            }
            if (inside) {
                throw alone('[');
            }
            flush(literal, parts);
            return List.copyOf(parts);
        }

        private static void flush(StringBuilder literal, List<Part> parts) {
            if (!literal.isEmpty()) {
                parts.add(new Literal(literal.toString()));
                literal.setLength(0);
            }
        }

        private Part place() {
            int end = text.indexOf('}', at);
            if (end < 0) {
                throw alone('{');
            }
            String inside = text.substring(at + 1, end);
            at = end + 1;
            if (inside.strip().toLowerCase(Locale.ROOT).startsWith(FIELD)) {
                return new CustomPlace(inside.strip().substring(FIELD.length()).strip());
            }
            int bar = inside.indexOf('|');
            List<TellingFact> facts = new ArrayList<>();
            for (String name : (bar < 0 ? inside : inside.substring(0, bar)).split("\\s+or\\s+", -1)) {
                facts.add(fact(name));
            }
            Optional<String> form = Optional.empty();
            if (bar >= 0) {
                for (TellingFact fact : facts) {
                    form = Optional.of(form(fact, inside.substring(bar + 1)));
                }
            }
            return new Place(List.copyOf(facts), form);
        }

        private TellingFact fact(String name) {
            return TellingFact.named(name)
                    .filter(each -> scope.sees(each.scope()))
                    .orElseThrow(() -> Refusal.unusable(
                            thing,
                            "There is no fact “" + name.strip() + "” here.",
                            "Choose one of the list, or write {field: NAME} for a field of your own."));
        }

        private String form(TellingFact fact, String typed) {
            // What stands between several is taken with its blanks.
            String form =
                    fact.kind() == FactKind.SEVERAL && !typed.strip().equals(FactKind.LINES) ? typed : typed.strip();
            if (!fact.kind().knows(form)) {
                throw Refusal.unusable(
                        thing,
                        "{" + fact.word() + "} cannot be written as “" + form + "”.",
                        fact.kind().forms().isEmpty()
                                ? "Leave out what follows the bar."
                                : "Behind the bar may stand " + fact.kind().forms() + ".");
            }
            return form;
        }

        private Refusal alone(char sign) {
            return Refusal.unusable(
                    thing,
                    "A “" + sign + "” stands alone in “" + text.strip() + "”.",
                    "Close it, or write it twice where it counts as itself.");
        }
    }
}
