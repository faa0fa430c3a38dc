package nobrec.core.customs;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import nobrec.core.address.Countries;
import nobrec.core.item.LineGoods;
import nobrec.core.measure.Weight;
import nobrec.core.notation.Reading;

/** Looks at what a declaration says of the goods of one line. */
public final class GoodsCheck {

    /** Words that tell customs nothing. Source: the European Union's list of unacceptable terms for goods, from memory. */
    private static final Set<String> VAGUE = Set.of(
            "accessories",
            "articles",
            "cargo",
            "contents not given",
            "equipment",
            "general cargo",
            "gift",
            "gifts",
            "goods",
            "items",
            "machinery",
            "merchandise",
            "miscellaneous",
            "parts",
            "products",
            "sample",
            "samples",
            "spare parts",
            "spares",
            "various");

    private static final String REMEDY = "Write it here.";

    private GoodsCheck() {}

    /**
     * @param name of the line, as people call it
     * @param description what papers say it is
     * @param unitWeight net, of one piece
     */
    public static List<CustomsProblem> of(
            String name, String description, LineGoods goods, Optional<Weight> unitWeight) {
        List<CustomsProblem> problems = new ArrayList<>();
        description(name, goods.customsDescription().isEmpty() ? description : goods.customsDescription())
                .ifPresent(problems::add);
        code(name, goods.hsCode()).ifPresent(problems::add);
        origin(name, goods.origin()).ifPresent(problems::add);
        value(name, goods.unitValueCents()).ifPresent(problems::add);
        if (unitWeight.filter(each -> !each.isZero()).isEmpty()) {
            problems.add(missing(CustomsFact.NET_WEIGHT, "the net weight of one piece", name));
        }
        return problems;
    }

    private static Optional<CustomsProblem> description(String name, String text) {
        if (text.isBlank()) {
            return Optional.of(missing(CustomsFact.DESCRIPTION, "a description", name));
        }
        return VAGUE.contains(text.strip().toLowerCase(Locale.ROOT))
                ? Optional.of(CustomsProblem.caution(
                        CustomsFact.DESCRIPTION,
                        "a plainer description of " + name,
                        "“" + text.strip() + "” tells customs nothing of " + name + ".",
                        "Say what it is, of what, and for what."))
                : Optional.empty();
    }

    private static Optional<CustomsProblem> code(String name, String text) {
        if (text.isBlank()) {
            return Optional.of(missing(CustomsFact.HS_CODE, "the HS code", name));
        }
        return HarmonizedCode.read(text) instanceof Reading.Refused<HarmonizedCode> refused
                ? Optional.of(CustomsProblem.stop(
                        CustomsFact.HS_CODE,
                        "a right HS code of " + name,
                        name + ": " + refused.reason(),
                        refused.remedy()))
                : Optional.empty();
    }

    private static Optional<CustomsProblem> origin(String name, String text) {
        if (text.isBlank()) {
            return Optional.of(missing(CustomsFact.ORIGIN, "the country of origin", name));
        }
        return Countries.read(text).isPresent()
                ? Optional.empty()
                : Optional.of(CustomsProblem.stop(
                        CustomsFact.ORIGIN,
                        "a country that exists as the origin of " + name,
                        name + " is said to come from “" + text.strip() + "”, and there is no such country.",
                        "Write its English name or its two letters (ISO 3166)."));
    }

    private static Optional<CustomsProblem> value(String name, Optional<Long> cents) {
        if (cents.isEmpty()) {
            return Optional.of(missing(CustomsFact.VALUE, "the value", name));
        }
        return cents.get() > 0
                ? Optional.empty()
                : Optional.of(CustomsProblem.stop(
                        CustomsFact.VALUE,
                        "a value above nothing of " + name,
                        name + " is declared as worth nothing.",
                        "Write what it would cost, also where nobody pays for it."));
    }

    private static CustomsProblem missing(CustomsFact fact, String what, String name) {
        return CustomsProblem.stop(
                fact,
                what + " of " + name,
                "Customs wants " + what + " of " + name + ", and its record does not say it.",
                REMEDY);
    }
}
