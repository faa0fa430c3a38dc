package nobrec.server.document;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import nobrec.core.paper.SheetSize;
import nobrec.server.document.page.Barcode;
import nobrec.server.document.page.Canvas;
import nobrec.server.document.page.PaperFonts;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** The parts of a label, from top to bottom. What the stock is lower the bars of the tracking number are lower. */
final class LabelDrawing {

    private static final float INCH = 72;
    private static final float LEFT = 14;

    /** Sides of a dot of the coarsest label printer in use. */
    private static final float DOT = INCH / 203;

    /** A module is so many whole dots wide: as many as the symbol has room for. */
    private static final int MAX_MODULE_DOTS = 4;

    private static final float ADDRESS = 16;
    private static final float ATTENTION = 12;
    /** Room for names and lines. */
    private static final float ADDRESS_HIGH = 76;

    private static final float ACROSS = 84;

    /** All but the bars of the tracking number. */
    private static final float HEIGHT_WITHOUT_BARS = 352;

    private final Canvas canvas;
    private final PaperFonts fonts;
    private final float width;
    private final float right;
    private final float room;
    private final float middle;
    private final float bars;

    LabelDrawing(Canvas canvas, PaperFonts fonts, SheetSize sheet) {
        this.canvas = canvas;
        this.fonts = fonts;
        PDRectangle format = format(sheet);
        this.width = format.getWidth();
        this.right = width - LEFT;
        this.room = right - LEFT;
        this.middle = width / 2 + 18;
        this.bars = format.getHeight() - HEIGHT_WITHOUT_BARS;
    }

    static PDRectangle format(SheetSize sheet) {
        return new PDRectangle(Canvas.points(sheet.width()), Canvas.points(sheet.height()));
    }

    void draw(LabelText text) throws IOException {
        from(text);
        service(text);
        to(text);
        references(text);
        tracking(text);
        if (!text.across().isEmpty()) {
            canvas.across(fonts.bold(text.across()), ACROSS);
        }
    }

    private void from(LabelText text) throws IOException {
        canvas.text(fonts.bold("FROM"), LEFT, 22, 7, room);
        float baseline = 33;
        for (String line : text.from()) {
            canvas.text(fonts.plain(line), LEFT, baseline, 8.5f, middle - LEFT - 8);
            baseline += 10.5f;
        }
        canvas.text(fonts.plain(text.fromPhone()), LEFT, baseline, 8.5f, middle - LEFT - 8);
        canvas.upright(middle - 4, 12, 78, 0.7f);
        String[] titles = {"SHIP DATE", "WEIGHT", "PIECE"};
        String[] values = {text.shipDate(), text.weight(), text.piece() + " of " + text.pieces()};
        for (int row = 0; row < titles.length; row++) {
            canvas.text(fonts.plain(titles[row]), middle + 4, 21 + row * 21f, 6.5f, right - middle);
            canvas.text(fonts.figures(values[row]), middle + 4, 31 + row * 21f, 9.5f, right - middle);
        }
        canvas.rule(LEFT, 84, right, 1.2f);
    }

    private void service(LabelText text) throws IOException {
        canvas.text(fonts.bold(text.service()), LEFT, 110, 22, room);
        canvas.text(fonts.plain(text.carrier() + " · " + text.size()), LEFT, 123, 8.5f, room);
        canvas.rule(LEFT, 130, right, 1.2f);
    }

    /** The address is never set smaller than a third above the names, whatever is long. */
    private void to(LabelText text) throws IOException {
        LabelText.Receiver to = text.to();
        canvas.text(fonts.bold("TO"), LEFT, 142, 7, room);
        float address = ADDRESS;
        for (String line : to.lines()) {
            address = Math.min(address, ADDRESS * room / Math.max(room, Canvas.width(fonts.bold(line), ADDRESS)));
        }
        float high = to.names().size() * (ATTENTION + 2.5f) + to.lines().size() * (ADDRESS + 2);
        float closer = Math.min(1, ADDRESS_HIGH / high);
        address *= closer;
        float names = Math.min(ATTENTION, address * 3 / 4);
        float baseline = 156;
        for (int index = 0; index < to.names().size(); index++) {
            String name = to.names().get(index);
            canvas.text(index == 0 ? fonts.bold(name) : fonts.plain(name), LEFT, baseline, names, room);
            baseline += (ATTENTION + 2.5f) * closer;
        }
        baseline += 4;
        for (int index = 0; index < to.lines().size(); index++) {
            String line = to.lines().get(index);
            boolean city = index == to.lines().size() - 1;
            canvas.text(city ? fonts.bold(line) : fonts.plain(line), LEFT, baseline, address, room);
            baseline += (ADDRESS + 2) * closer;
        }
        canvas.text(fonts.figures(to.large()), LEFT, 252, 26, room * 0.6f);
        canvas.text(fonts.plain(to.phone()), LEFT + room * 0.64f, 252, 9, room * 0.36f);
        canvas.rule(LEFT, 258, right, 1.2f);
    }

    private void references(LabelText text) throws IOException {
        canvas.text(
                fonts.plain(text.job().contains(" ") ? "WORK ORDERS" : "WORK ORDER"), LEFT, 268, 6.5f, middle - LEFT);
        canvas.text(fonts.figures(text.job()), LEFT, 281, 12, middle - LEFT - 44);
        canvas.text(fonts.plain("PO"), middle - 30, 268, 6.5f, right - middle + 30);
        canvas.text(
                fonts.figures(text.customerPo().isEmpty() ? "-" : text.customerPo()),
                middle - 30,
                281,
                12,
                right - middle + 30);
        canvas.rule(LEFT, 287, right, 1.2f);
        marks(text.marks());
    }

    /** White on black, so that they are seen first. */
    private void marks(List<String> marks) throws IOException {
        float left = LEFT;
        for (String mark : marks) {
            List<PaperFonts.Run> words = fonts.bold(mark.toUpperCase(Locale.ROOT));
            float wide = Canvas.width(words, 9) + 8;
            if (left + wide <= right + 0.5f) {
                canvas.block(left, 291, wide, 14);
                canvas.whiteText(words, left + 4, 301.5f, 9);
                left += wide + 4;
            }
        }
    }

    private void tracking(LabelText text) throws IOException {
        canvas.text(fonts.plain("TRACKING NUMBER"), LEFT, 315, 6.5f, middle - LEFT);
        canvas.text(
                fonts.figures(String.join(" · ", text.references())), middle - 60, 315.5f, 8.5f, right - middle + 60);
        canvas.barcode(Barcode.code128(text.trackingNumber()), 4, width - 4, 320, bars, DOT, MAX_MODULE_DOTS);
        List<PaperFonts.Run> number = fonts.figures(text.trackingNumber());
        float wide = Canvas.width(number, 15);
        canvas.text(number, (width - wide) / 2, 338 + bars, 15, room);
    }
}
