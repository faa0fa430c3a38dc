package nobrec.server.document.page;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import nobrec.core.partner.ElementString;
import uk.org.okapibarcode.backend.Code128;
import uk.org.okapibarcode.backend.HumanReadableLocation;
import uk.org.okapibarcode.backend.Symbol;
import uk.org.okapibarcode.graphics.Color;
import uk.org.okapibarcode.output.SvgRenderer;

/**
 * A Code 128 symbol (ISO/IEC 15417) as bars.
 *
 * @param bars left edge and width of each bar, in modules
 * @param modules width of the symbol without its quiet zones
 */
public record Barcode(List<Bar> bars, double modules) {

    /** Empty space needed on either side. */
    public static final int QUIET_MODULES = 10;

    /** Of a style sheet's pixels, 96 to the inch. */
    private static final double PIXELS_IN_MILLIMETER = 96 / 25.4;

    private static final int MAX_LETTERS = 30;

    public record Bar(double left, double width) {}

    /**
     * Whether a scanner reads a text back as it is: letters, figures and signs of ASCII, and no more than fit across a paper.
     */
    public static boolean canHold(String text) {
        return !text.isEmpty()
                && text.length() <= MAX_LETTERS
                && text.chars().allMatch(letter -> letter >= ' ' && letter <= '~');
    }

    public static Barcode code128(String text) {
        return of(symbol(text));
    }

    /** A GS1-128 symbol: what stands behind each identifier ends where the standard or a separator says so. */
    public static Barcode gs1(List<ElementString> elements) {
        Code128 symbol = new Code128();
        symbol.setHumanReadableLocation(HumanReadableLocation.NONE);
        symbol.setDataType(Symbol.DataType.GS1);
        symbol.setContent(elements.stream()
                .map(each -> "[" + each.identifier() + "]" + each.data())
                .collect(Collectors.joining()));
        return of(symbol);
    }

    private static Barcode of(Code128 symbol) {
        List<Bar> bars = symbol.getRectangles().stream()
                .map(bar -> new Bar(bar.x, bar.width))
                .toList();
        double modules =
                bars.stream().mapToDouble(bar -> bar.left() + bar.width()).max().orElseThrow();
        return new Barcode(bars, modules);
    }

    /** A symbol as an SVG drawing with its quiet zones. */
    public static String svg(String text, double moduleMillimeters, int heightMillimeters) {
        Code128 symbol = symbol(text);
        symbol.setQuietZoneHorizontal(QUIET_MODULES);
        symbol.setBarHeight((int) Math.round(heightMillimeters / moduleMillimeters));
        ByteArrayOutputStream svg = new ByteArrayOutputStream();
        try {
            new SvgRenderer(svg, moduleMillimeters * PIXELS_IN_MILLIMETER, Color.WHITE, Color.BLACK, false)
                    .render(symbol);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
        return svg.toString(StandardCharsets.UTF_8);
    }

    private static Code128 symbol(String text) {
        Code128 symbol = new Code128();
        symbol.setHumanReadableLocation(HumanReadableLocation.NONE);
        symbol.setContent(text);
        return symbol;
    }
}
