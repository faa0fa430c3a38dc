package nobrec.server.document.slip;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Bounds what a template and a style sheet can make of pages before they are laid out: the layout itself would go on until the
 * server had no memory left.
 */
final class SlipMeasures {

    /** All heights together: some 70,000 pages, of which only the first of {@link SlipBounds} are set. */
    private static final double MOST_MILLIMETERS = 20_000_000;

    private static final double MOST_POINTS = 144;

    /** Figures with a unit, and figures of attributes that have none. */
    private static final Pattern MEASURE =
            Pattern.compile("(\\d{1,12})(?:\\.\\d+)?\\s*(mm|cm|in|pt|pc|px|em|rem|ex|%)");

    /** Of a tag: what a job says is text, and its signs are escaped. */
    private static final Pattern ATTRIBUTE = Pattern.compile(
            "<[^<>]*\\b(?:height|width|border|cellpadding|cellspacing|rowspan|colspan|hspace|vspace)\\s*=\\s*[\"']?(\\d{5,})");

    private static final Pattern TYPE_SIZE =
            Pattern.compile("\\bfont(?:-size)?\\s*:([^;}\"']*)", Pattern.CASE_INSENSITIVE);
    private static final Pattern IN_POINTS = Pattern.compile("(\\d{1,4}(?:\\.\\d+)?)\\s*pt\\b");
    /** However wide, it makes no pages. */
    private static final Pattern WIDTH = Pattern.compile("(?<![-\\w])(?:max-|min-)?width\\s*:[^;}]*");

    /** Drawings have measures of their own, in a frame that the page gives them. */
    private static final Pattern DRAWING = Pattern.compile("<svg\\b.*?</svg>", Pattern.DOTALL);

    private static final Pattern STYLE = Pattern.compile("<[^<>]*style\\s*=\\s*(?:\"([^\"]*)\"|'([^']*)')");

    private SlipMeasures() {}

    static void require(String ownStyle, SlipTemplate.Expanded expanded) throws SlipFault {
        requireTypeSizes(ownStyle);
        String markup = DRAWING.matcher(expanded.markup()).replaceAll("");
        Matcher attribute = ATTRIBUTE.matcher(markup);
        if (attribute.find()) {
            throw new SlipFault(
                    SlipFault.Part.TEMPLATE,
                    expanded.templateLineOf(attribute.group()),
                    "A measure of " + attribute.group(1) + " is larger than any page.");
        }
        long elements = markup.chars().filter(letter -> letter == '<').count() / 2;
        requireHeights(SlipFault.Part.STYLE_SHEET, largest(ownStyle), elements);
        double inline = 0;
        Matcher style = STYLE.matcher(markup);
        while (style.find()) {
            inline = Math.max(inline, largest(style.group(1) == null ? style.group(2) : style.group(1)));
        }
        requireHeights(SlipFault.Part.TEMPLATE, inline, elements);
    }

    private static void requireHeights(SlipFault.Part part, double millimeters, long elements) throws SlipFault {
        if (millimeters * elements > MOST_MILLIMETERS) {
            throw new SlipFault(
                    part, 0, "It could become very many pages: a measure in it is " + Math.round(millimeters) + " mm.");
        }
    }

    /** In points, so that sizes inside of sizes do not multiply. */
    private static void requireTypeSizes(String style) throws SlipFault {
        Matcher size = TYPE_SIZE.matcher(style);
        while (size.find()) {
            Matcher points = IN_POINTS.matcher(size.group(1));
            if (!points.find()
                    || Double.parseDouble(points.group(1)) > MOST_POINTS
                    || Double.parseDouble(points.group(1)) == 0) {
                throw new SlipFault(
                        SlipFault.Part.STYLE_SHEET,
                        SlipFault.lineAt(style, size.start()),
                        "A size of type is given in pt, above 0 and up to " + Math.round(MOST_POINTS)
                                + ", as in font-size: 9pt.");
            }
        }
    }

    private static double largest(String style) {
        double largest = 0;
        Matcher measure = MEASURE.matcher(WIDTH.matcher(style).replaceAll(""));
        while (measure.find()) {
            largest = Math.max(largest, Double.parseDouble(measure.group(1)) * millimeters(measure.group(2)));
        }
        return largest;
    }

    private static double millimeters(String unit) {
        return switch (unit) {
            case "mm" -> 1;
            case "cm" -> 10;
            case "in" -> 25.4;
            case "pc" -> 4.24;
            case "px" -> 0.27;
            case "pt" -> 0.36;
            default -> MOST_POINTS * 0.36;
        };
    }
}
