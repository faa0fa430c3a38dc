package nobrec.core.paper;

import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Words of a shop with gaps that a job fills: {@code A gift from {Giver}: {Gift message}}. */
public final class SlipWords {

    private static final Pattern GAP = Pattern.compile("\\{([^{}]{1,40})}");

    private SlipWords() {}

    /**
     * The words filled in. Where a job fills none of the gaps they would say nothing of it: then they are an empty text.
     *
     * @param values of a gap by its name; empty text for none
     */
    public static String filled(String words, UnaryOperator<String> values) {
        Matcher gap = GAP.matcher(words);
        StringBuilder filled = new StringBuilder();
        boolean gaps = false;
        boolean any = false;
        while (gap.find()) {
            gaps = true;
            String value = values.apply(gap.group(1).strip());
            any |= !value.isBlank();
            gap.appendReplacement(filled, Matcher.quoteReplacement(value));
        }
        gap.appendTail(filled);
        return gaps && !any ? "" : filled.toString();
    }
}
