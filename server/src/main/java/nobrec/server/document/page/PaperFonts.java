package nobrec.server.document.page;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The typefaces of our papers, loaded into one document. What none of them has is drawn as a question mark. */
public final class PaperFonts {

    /** A piece of text in one font. */
    public record Run(PDFont font, String text) {}

    private final List<PDFont> plain;
    private final List<PDFont> bold;
    private final List<PDFont> figures;

    public PaperFonts(PDDocument document) throws IOException {
        PDFont wordsMore = load(document, PaperLetters.WORDS_MORE);
        PDFont wordsBold = load(document, PaperLetters.WORDS_BOLD);
        PDFont wordsMoreBold = load(document, PaperLetters.WORDS_MORE_BOLD);
        plain = List.of(load(document, PaperLetters.WORDS), wordsMore);
        bold = List.of(wordsBold, wordsMoreBold);
        figures = List.of(load(document, PaperLetters.FIGURES_BOLD), wordsBold, wordsMoreBold);
    }

    public List<Run> plain(String text) {
        return runs(text, plain);
    }

    public List<Run> bold(String text) {
        return runs(text, bold);
    }

    public List<Run> figures(String text) {
        return runs(text, figures);
    }

    private static List<Run> runs(String text, List<PDFont> fonts) {
        List<Run> runs = new ArrayList<>();
        PaperLetters.printed(text).codePoints().forEach(point -> {
            String letter = Character.toString(point);
            PDFont font =
                    fonts.stream().filter(each -> has(each, letter)).findFirst().orElse(null);
            runs.add(font == null ? new Run(fonts.get(0), "?") : new Run(font, letter));
        });
        return joined(runs);
    }

    private static List<Run> joined(List<Run> letters) {
        List<Run> runs = new ArrayList<>();
        for (Run letter : letters) {
            int last = runs.size() - 1;
            if (last >= 0 && runs.get(last).font().equals(letter.font())) {
                runs.set(last, new Run(letter.font(), runs.get(last).text() + letter.text()));
            } else {
                runs.add(letter);
            }
        }
        return runs;
    }

    private static boolean has(PDFont font, String letter) {
        try {
            font.encode(letter);
            return true;
        } catch (IOException | IllegalArgumentException missing) {
            return false;
        }
    }

    private static PDFont load(PDDocument document, String name) throws IOException {
        try (InputStream stream = PaperLetters.file(name)) {
            return PDType0Font.load(document, stream, true);
        }
    }
}
