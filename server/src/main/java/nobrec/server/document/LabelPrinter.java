package nobrec.server.document;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
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

    /** Three dots of a 203 dpi printer: a module is never drawn wider, and hardly narrower for our numbers. */
    private static final float WIDEST_MODULE = 3 * INCH / 203;

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

    private static void to(Canvas canvas, PaperFonts fonts, LabelText text) throws IOException {
        canvas.text(fonts.bold("TO"), LEFT, 143, 7, ROOM);
        float baseline = 162;
        List<String> lines = text.to();
        for (int index = 0; index < lines.size(); index++) {
            boolean heavy = index == 0 || index == lines.size() - 1;
            canvas.text(heavy ? fonts.bold(lines.get(index)) : fonts.plain(lines.get(index)), LEFT, baseline, 15, ROOM);
            baseline += 18.5f;
        }
        canvas.text(fonts.plain(text.toPhone()), LEFT, baseline, 10, ROOM);
        canvas.rule(LEFT, 262, RIGHT, 1.2f);
    }

    private static void references(Canvas canvas, PaperFonts fonts, LabelText text) throws IOException {
        canvas.text(fonts.plain("WORK ORDER"), LEFT, 274, 6.5f, MIDDLE - LEFT);
        canvas.text(fonts.figures(text.job()), LEFT, 288, 13, MIDDLE - LEFT - 12);
        canvas.text(fonts.plain("YOUR ORDER"), MIDDLE - 40, 274, 6.5f, RIGHT - MIDDLE + 40);
        canvas.text(
                fonts.figures(text.customerPo().isEmpty() ? "-" : text.customerPo()),
                MIDDLE - 40,
                288,
                13,
                RIGHT - MIDDLE + 40);
        canvas.rule(LEFT, 297, RIGHT, 1.2f);
    }

    private static void tracking(Canvas canvas, PaperFonts fonts, LabelText text) throws IOException {
        canvas.text(fonts.plain("TRACKING NUMBER"), LEFT, 309, 6.5f, ROOM);
        canvas.barcode(Barcode.code128(text.trackingNumber()), 4, WIDTH - 4, 316, 82, WIDEST_MODULE);
        List<PaperFonts.Run> number = fonts.figures(text.trackingNumber());
        float width = Canvas.width(number, 15);
        canvas.text(number, (WIDTH - width) / 2, 416, 15, ROOM);
    }
}
