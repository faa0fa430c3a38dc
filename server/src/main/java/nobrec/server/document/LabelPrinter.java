package nobrec.server.document;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import nobrec.server.document.page.Barcode;
import nobrec.server.document.page.Canvas;
import nobrec.server.document.page.PaperFonts;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.springframework.stereotype.Component;

/** Draws the label of a package, 4 x 6 in, for a label printer of 203 dots an inch or better. */
@Component
class LabelPrinter {

    private static final float INCH = 72;
    private static final float WIDTH = 4 * INCH;
    private static final float HEIGHT = 6 * INCH;
    private static final float LEFT = 14;
    private static final float RIGHT = WIDTH - LEFT;
    private static final float ROOM = RIGHT - LEFT;
    private static final float MIDDLE = WIDTH / 2 + 18;

    /** Sides of a dot of the coarsest label printer in use. */
    private static final float DOT = INCH / 203;

    /** A module is so many whole dots wide: as many as the symbol has room for. */
    private static final int MAX_MODULE_DOTS = 4;

    private static final float ADDRESS = 16;
    private static final float ATTENTION = 12;
    private static final float ACROSS = 84;

    byte[] print(LabelText text) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle("Label " + text.trackingNumber());
            PaperFonts fonts = new PaperFonts(document);
            try (Canvas canvas = new Canvas(document, new PDRectangle(WIDTH, HEIGHT))) {
                from(canvas, fonts, text);
                service(canvas, fonts, text);
                to(canvas, fonts, text);
                references(canvas, fonts, text);
                tracking(canvas, fonts, text);
                if (!text.across().isEmpty()) {
                    canvas.across(fonts.bold(text.across()), ACROSS);
                }
            }
            document.save(out);
            return out.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException("The label of " + text.trackingNumber() + " cannot be drawn", failed);
        }
    }

    private static void from(Canvas canvas, PaperFonts fonts, LabelText text) throws IOException {
        canvas.text(fonts.bold("FROM"), LEFT, 22, 7, ROOM);
        float baseline = 33;
        for (String line : text.from()) {
            canvas.text(fonts.plain(line), LEFT, baseline, 8.5f, MIDDLE - LEFT - 8);
            baseline += 10.5f;
        }
        canvas.text(fonts.plain(text.fromPhone()), LEFT, baseline, 8.5f, MIDDLE - LEFT - 8);
        canvas.upright(MIDDLE - 4, 12, 78, 0.7f);
        String[] titles = {"SHIP DATE", "WEIGHT", "PIECE"};
        String[] values = {text.shipDate(), text.weight(), text.piece() + " of " + text.pieces()};
        for (int row = 0; row < titles.length; row++) {
            canvas.text(fonts.plain(titles[row]), MIDDLE + 4, 21 + row * 21f, 6.5f, RIGHT - MIDDLE);
            canvas.text(fonts.figures(values[row]), MIDDLE + 4, 31 + row * 21f, 9.5f, RIGHT - MIDDLE);
        }
        canvas.rule(LEFT, 84, RIGHT, 1.2f);
    }

    private static void service(Canvas canvas, PaperFonts fonts, LabelText text) throws IOException {
        canvas.text(fonts.bold(text.service()), LEFT, 110, 22, ROOM);
        canvas.text(fonts.plain(text.carrier() + " · " + text.size()), LEFT, 123, 8.5f, ROOM);
        canvas.rule(LEFT, 130, RIGHT, 1.2f);
    }

    /** The address is never set smaller than a third above the names, whatever is long. */
    private static void to(Canvas canvas, PaperFonts fonts, LabelText text) throws IOException {
        LabelText.Receiver to = text.to();
        canvas.text(fonts.bold("TO"), LEFT, 142, 7, ROOM);
        float address = ADDRESS;
        for (String line : to.lines()) {
            address = Math.min(address, ADDRESS * ROOM / Math.max(ROOM, Canvas.width(fonts.bold(line), ADDRESS)));
        }
        float names = Math.min(ATTENTION, address * 3 / 4);
        float baseline = 156;
        for (int index = 0; index < to.names().size(); index++) {
            String name = to.names().get(index);
            canvas.text(index == 0 ? fonts.bold(name) : fonts.plain(name), LEFT, baseline, names, ROOM);
            baseline += ATTENTION + 2.5f;
        }
        baseline += 4;
        for (int index = 0; index < to.lines().size(); index++) {
            String line = to.lines().get(index);
            boolean city = index == to.lines().size() - 1;
            canvas.text(city ? fonts.bold(line) : fonts.plain(line), LEFT, baseline, address, ROOM);
            baseline += ADDRESS + 2;
        }
        canvas.text(fonts.figures(to.postalCode()), LEFT, 252, 26, ROOM * 0.62f);
        canvas.text(fonts.plain(to.country()), LEFT + ROOM * 0.45f, 242, 10, ROOM * 0.55f);
        canvas.text(fonts.plain(to.phone()), LEFT + ROOM * 0.45f, 252, 9, ROOM * 0.55f);
        canvas.rule(LEFT, 258, RIGHT, 1.2f);
    }

    private static void references(Canvas canvas, PaperFonts fonts, LabelText text) throws IOException {
        canvas.text(
                fonts.plain(text.job().contains(" ") ? "WORK ORDERS" : "WORK ORDER"), LEFT, 268, 6.5f, MIDDLE - LEFT);
        canvas.text(fonts.figures(text.job()), LEFT, 281, 12, MIDDLE - LEFT - 44);
        canvas.text(fonts.plain("PO"), MIDDLE - 30, 268, 6.5f, RIGHT - MIDDLE + 30);
        canvas.text(
                fonts.figures(text.customerPo().isEmpty() ? "-" : text.customerPo()),
                MIDDLE - 30,
                281,
                12,
                RIGHT - MIDDLE + 30);
        canvas.rule(LEFT, 287, RIGHT, 1.2f);
        marks(canvas, fonts, text.marks());
    }

    /** White on black, so that they are seen first. */
    private static void marks(Canvas canvas, PaperFonts fonts, List<String> marks) throws IOException {
        float left = LEFT;
        for (String mark : marks) {
            List<PaperFonts.Run> words = fonts.bold(mark.toUpperCase(Locale.ROOT));
            float wide = Canvas.width(words, 9) + 8;
            if (left + wide <= RIGHT + 0.5f) {
                canvas.block(left, 291, wide, 14);
                canvas.whiteText(words, left + 4, 301.5f, 9);
                left += wide + 4;
            }
        }
    }

    private static void tracking(Canvas canvas, PaperFonts fonts, LabelText text) throws IOException {
        canvas.text(fonts.plain("TRACKING NUMBER"), LEFT, 315, 6.5f, MIDDLE - LEFT);
        canvas.text(
                fonts.figures(String.join(" · ", text.references())), MIDDLE - 60, 315.5f, 8.5f, RIGHT - MIDDLE + 60);
        canvas.barcode(Barcode.code128(text.trackingNumber()), 4, WIDTH - 4, 320, 80, DOT, MAX_MODULE_DOTS);
        List<PaperFonts.Run> number = fonts.figures(text.trackingNumber());
        float width = Canvas.width(number, 15);
        canvas.text(number, (WIDTH - width) / 2, 418, 15, ROOM);
    }
}
