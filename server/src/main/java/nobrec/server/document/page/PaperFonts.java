package nobrec.server.document.page;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The typefaces of our papers, loaded into one document. What none of them has is drawn as a question mark. */
public final class PaperFonts {

    /** A piece of text in one font. */
    public record Run(PDFont font, String text) {}

    private final PDDocument document;
    private final Map<String, PDFont> loaded = new HashMap<>();

    public PaperFonts(PDDocument document) {
        this.document = document;
    }

    public List<Run> plain(String text) throws IOException {
        return runs(text, PaperLetters.WORDS, PaperLetters.WORDS_MORE, PaperLetters.SCRIPTS);
    }

    public List<Run> bold(String text) throws IOException {
        return runs(text, PaperLetters.WORDS_BOLD, PaperLetters.WORDS_MORE_BOLD, PaperLetters.SCRIPTS_BOLD);
    }

    public List<Run> figures(String text) throws IOException {
        return runs(
                text,
                PaperLetters.FIGURES_BOLD,
                PaperLetters.WORDS_BOLD,
                PaperLetters.WORDS_MORE_BOLD,
                PaperLetters.SCRIPTS_BOLD);
    }

    /** A face that no letter asks for is not loaded: the later ones are large and seldom needed. */
    private List<Run> runs(String text, String... faces) throws IOException {
        List<Run> runs = new ArrayList<>();
        for (int point : PaperLetters.printed(text).codePoints().toArray()) {
            String letter = Character.toString(point);
            Optional<String> face = Arrays.stream(faces)
                    .filter(each -> PaperLetters.has(each, point))
                    .findFirst();
            runs.add(face.isPresent() ? new Run(font(face.get()), letter) : new Run(font(faces[0]), "?"));
        }
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

    private PDFont font(String face) throws IOException {
        PDFont font = loaded.get(face);
        if (font == null) {
            try (InputStream stream = PaperLetters.file(face)) {
                font = PDType0Font.load(document, stream, true);
            }
            loaded.put(face, font);
        }
        return font;
    }
}
