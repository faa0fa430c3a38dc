package nobrec.server.document;

import java.util.List;
import java.util.Locale;
import uk.org.okapibarcode.backend.Code128;
import uk.org.okapibarcode.backend.HumanReadableLocation;

/**
 * A Code 128 symbol (ISO/IEC 15417) as bars.
 *
 * @param bars left edge and width of each bar, in modules
 * @param modules width of the symbol without its quiet zones
 */
public record Barcode(List<Bar> bars, double modules) {

    /** Empty space needed on either side. */
    static final int QUIET_MODULES = 10;

    private static final int MAX_LETTERS = 30;

    record Bar(double left, double width) {}

    /**
     * Whether a scanner reads a text back as it is: letters, figures and signs of ASCII, and no more than fit across a paper.
     */
    public static boolean canHold(String text) {
        return !text.isEmpty()
                && text.length() <= MAX_LETTERS
                && text.chars().allMatch(letter -> letter >= ' ' && letter <= '~');
    }

    static Barcode code128(String text) {
        Code128 symbol = new Code128();
        symbol.setHumanReadableLocation(HumanReadableLocation.NONE);
        symbol.setContent(text);
        List<Bar> bars = symbol.getRectangles().stream()
                .map(bar -> new Bar(bar.x, bar.width))
                .toList();
        double modules =
                bars.stream().mapToDouble(bar -> bar.left() + bar.width()).max().orElseThrow();
        return new Barcode(bars, modules);
    }

    /** The symbol as an SVG drawing with its quiet zones. */
    String svg(double moduleMillimeters, double heightMillimeters) {
        double width = modules + 2.0 * QUIET_MODULES;
        StringBuilder svg = new StringBuilder(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.2fmm\" height=\"%.2fmm\" viewBox=\"0 0 %.2f 100\""
                        + " preserveAspectRatio=\"none\">",
                width * moduleMillimeters,
                heightMillimeters,
                width));
        for (Bar bar : bars) {
            svg.append(String.format(
                    Locale.ROOT,
                    "<rect x=\"%.3f\" y=\"0\" width=\"%.3f\" height=\"100\" fill=\"black\"/>",
                    bar.left() + QUIET_MODULES,
                    bar.width()));
        }
        return svg.append("</svg>").toString();
    }
}
