package nobrec.server.document.sticker;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import nobrec.core.paper.StickerFit;
import nobrec.core.paper.StickerSheet;
import nobrec.server.document.page.Barcode;
import nobrec.server.document.page.Canvas;
import nobrec.server.document.page.PaperFonts;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.springframework.stereotype.Component;

/** Draws stickers on their sheets. */
@Component
public class StickerPrinter {

    private static final float INCH = 72;
    private static final float DOT = INCH / 300;
    private static final int LEAST_MODULE_DOTS = 2;
    private static final int MOST_MODULE_DOTS = 4;
    private static final float PADDING = 4;
    private static final float BARS = 22;
    private static final float FRAME = 0.6f;

    /**
     * @param smaller what was set smaller than wanted to fit
     * @param cut what was cut, since it does not fit at the smallest either
     * @param withoutBarcode what has no barcode, since that would be too wide
     */
    public record Stickers(byte[] pdf, List<String> smaller, List<String> cut, List<String> withoutBarcode) {}

    /** @param first place that is free on the first sheet, from 0 */
    public Stickers print(StickerSheet sheet, List<StickerText> texts, int first) {
        return draw(sheet, texts, first, sheet.border());
    }

    /** A page with a frame and a number for each sticker, to be laid over a sheet. */
    public byte[] test(StickerSheet sheet) {
        List<StickerText> numbers = new ArrayList<>();
        for (int index = 0; index < sheet.stickers(); index++) {
            numbers.add(new StickerText("", "", List.of(String.valueOf(index + 1))));
        }
        return draw(sheet, numbers, 0, true).pdf();
    }

    private static Stickers draw(StickerSheet sheet, List<StickerText> texts, int first, boolean frames) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle("Stickers");
            Drawing drawing = new Drawing(document, sheet, frames);
            for (int index = 0; index < texts.size(); index++) {
                drawing.sticker(texts.get(index), first + index);
            }
            drawing.end();
            document.save(out);
            return new Stickers(out.toByteArray(), drawing.smaller, drawing.cut, drawing.withoutBarcode);
        } catch (IOException failed) {
            throw new UncheckedIOException("The stickers cannot be drawn", failed);
        }
    }

    private static final class Drawing {

        private final PDDocument document;
        private final PaperFonts fonts;
        private final StickerSheet sheet;
        private final boolean frames;
        private final float width;
        private final float height;
        private final List<String> smaller = new ArrayList<>();
        private final List<String> cut = new ArrayList<>();
        private final List<String> withoutBarcode = new ArrayList<>();
        private Canvas canvas;

        Drawing(PDDocument document, StickerSheet sheet, boolean frames) throws IOException {
            this.document = document;
            this.fonts = new PaperFonts(document);
            this.sheet = sheet;
            this.frames = frames;
            this.width = Canvas.points(sheet.stickerWidth());
            this.height = Canvas.points(sheet.stickerHeight());
            this.canvas = page();
        }

        private Canvas page() throws IOException {
            return new Canvas(
                    document,
                    new PDRectangle(
                            Canvas.points(sheet.sheet().width()),
                            Canvas.points(sheet.sheet().height())));
        }

        void end() throws IOException {
            canvas.close();
        }

        void sticker(StickerText text, int place) throws IOException {
            int onSheet = place % sheet.stickers();
            if (onSheet == 0 && place > 0) {
                canvas.close();
                canvas = page();
            }
            StickerSheet.Place at = sheet.place(onSheet);
            float left = Canvas.points(at.left());
            float top = Canvas.points(at.top());
            if (frames) {
                canvas.frame(left, top, width, height, FRAME);
            }
            float used = barcode(text, left, top);
            lines(text, left + PADDING, top + PADDING + used, height - 2 * PADDING - used);
        }

        /** How much of the sticker's height it takes. */
        private float barcode(StickerText text, float left, float top) throws IOException {
            if (text.barcode().isEmpty()) {
                return 0;
            }
            if (!Barcode.canHold(text.barcode())) {
                withoutBarcode.add(text.about());
                return 0;
            }
            Barcode barcode = Barcode.code128(text.barcode());
            float module = (float) (barcode.modules() + 2.0 * Barcode.QUIET_MODULES) * DOT;
            int dots = Math.min(MOST_MODULE_DOTS, (int) (width / module));
            if (dots < LEAST_MODULE_DOTS || BARS + 2 * PADDING > height) {
                withoutBarcode.add(text.about());
                return 0;
            }
            canvas.barcode(barcode, left, left + module * dots, top + PADDING, BARS, DOT, dots);
            return BARS + PADDING;
        }

        private void lines(StickerText text, float left, float top, float room) throws IOException {
            StickerFit fit = StickerFit.of(text.lines(), width - 2 * PADDING, room, sheet.type(), this::widthOf);
            if (fit.outcome() == StickerFit.Outcome.SMALLER) {
                smaller.add(text.about());
            } else if (fit.outcome() == StickerFit.Outcome.CUT) {
                cut.add(text.about());
            }
            float size = (float) fit.size();
            float baseline = top + size;
            for (String line : fit.lines()) {
                canvas.text(fonts.plain(line), left, baseline, size, Float.MAX_VALUE);
                baseline += (float) (size * StickerFit.LEADING);
            }
        }

        private double widthOf(String line) {
            try {
                return Canvas.width(fonts.plain(line), 1);
            } catch (IOException failed) {
                throw new UncheckedIOException(failed);
            }
        }
    }
}
