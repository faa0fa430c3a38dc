package nobrec.server.document;

import java.io.IOException;
import java.util.List;
import java.util.stream.Collectors;
import nobrec.core.paper.SheetSize;
import nobrec.core.partner.ElementString;
import nobrec.server.document.page.Barcode;
import nobrec.server.document.page.Canvas;
import nobrec.server.document.page.PaperFonts;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * The three parts of a logistics label: who sends and gets it, what people read, what scanners read, with the package's number at the
 * bottom.
 *
 * <p>Source: GS1 Logistic Label Guideline (from memory): that order, bars of 32 mm, a module of about half a millimeter.
 */
final class LogisticsLabelDrawing {

    private static final float LEFT = 14;
    private static final float FROM_WIDE = 108;
    private static final float HEAD_HIGH = 92;

    /** Sides of a dot of the coarsest label printer in use; four of them are 0.5 mm. */
    private static final float DOT = 72f / 203;

    private static final int MODULE_DOTS = 4;

    private static final float NUMBER_BARS = 91;
    private static final float OTHER_BARS = 36;
    private static final float READABLE = 9.5f;
    private static final float BELOW_BARS = 15;
    private static final float ROW = 22;

    private final Canvas canvas;
    private final PaperFonts fonts;
    private final float width;
    private final float height;
    private final float right;

    LogisticsLabelDrawing(Canvas canvas, PaperFonts fonts, SheetSize sheet) {
        this.canvas = canvas;
        this.fonts = fonts;
        PDRectangle format = LabelDrawing.format(sheet);
        this.width = format.getWidth();
        this.height = format.getHeight();
        this.right = width - LEFT;
    }

    void draw(LogisticsLabelText text) throws IOException {
        head(text);
        fields(text.fields());
        symbols(text.symbols());
    }

    private void head(LogisticsLabelText text) throws IOException {
        canvas.text(fonts.bold("FROM"), LEFT, 20, 6.5f, FROM_WIDE);
        float baseline = 30;
        for (String line : text.from()) {
            canvas.text(fonts.plain(line), LEFT, baseline, 8, FROM_WIDE);
            baseline += 10;
        }
        float middle = LEFT + FROM_WIDE + 8;
        canvas.upright(middle - 4, 10, HEAD_HIGH - 6, 0.7f);
        canvas.text(fonts.bold("TO"), middle, 20, 6.5f, right - middle);
        baseline = 32;
        for (String line : text.to().names()) {
            canvas.text(fonts.bold(line), middle, baseline, 11, right - middle);
            baseline += 12.5f;
        }
        for (String line : text.to().lines()) {
            canvas.text(fonts.plain(line), middle, baseline, 10, right - middle);
            baseline += 11.5f;
        }
        canvas.text(fonts.figures(text.to().large()), middle, HEAD_HIGH - 7, 12, right - middle);
        canvas.rule(LEFT, HEAD_HIGH, right, 1.2f);
    }

    private void fields(List<LogisticsLabelText.Field> fields) throws IOException {
        float half = (right - LEFT) / 2;
        float top = HEAD_HIGH + 2;
        boolean second = false;
        for (LogisticsLabelText.Field field : fields) {
            if (field.wide() && second) {
                top += ROW;
                second = false;
            }
            float left = second ? LEFT + half + 4 : LEFT;
            float room = field.wide() ? right - LEFT : half - 4;
            canvas.text(fonts.plain(field.title()), left, top + 7, 6, room);
            canvas.text(fonts.figures(field.value()), left, top + 18, 10.5f, room);
            second = !field.wide() && !second;
            if (!second) {
                top += ROW;
            }
        }
    }

    private void symbols(List<List<ElementString>> symbols) throws IOException {
        float bottom = height - 8;
        for (int index = symbols.size() - 1; index >= 0; index--) {
            boolean number = index == symbols.size() - 1;
            float high = number ? NUMBER_BARS : OTHER_BARS;
            List<ElementString> elements = symbols.get(index);
            float top = bottom - BELOW_BARS - high;
            canvas.barcode(Barcode.gs1(elements), 2, width - 2, top, high, DOT, MODULE_DOTS);
            List<PaperFonts.Run> readable =
                    fonts.figures(elements.stream().map(ElementString::readable).collect(Collectors.joining(" ")));
            float wide = Math.min(Canvas.width(readable, READABLE), right - LEFT);
            canvas.text(readable, (width - wide) / 2, bottom - 4, READABLE, right - LEFT);
            bottom = top - 3;
            if (number) {
                canvas.rule(LEFT, bottom, right, 0.7f);
                bottom -= 3;
            }
        }
    }
}
