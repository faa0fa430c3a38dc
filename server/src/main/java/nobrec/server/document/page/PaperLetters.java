package nobrec.server.document.page;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/**
 * The files of our papers' typefaces, read once, and which letters they have. Every paper falls back from one face to the
 * next, so a letter can be printed when any of them has it.
 */
public final class PaperLetters {

    static final String WORDS = "atkinson-latin-400";
    static final String WORDS_MORE = "atkinson-latin-ext-400";
    static final String WORDS_BOLD = "atkinson-latin-700";
    static final String WORDS_MORE_BOLD = "atkinson-latin-ext-700";
    /** Greek, Cyrillic, Vietnamese, and what else the first ones lack of Latin. */
    static final String SCRIPTS = "noto-sans-400";

    static final String SCRIPTS_BOLD = "noto-sans-700";
    static final String FIGURES = "spline-mono-latin-400";
    static final String FIGURES_BOLD = "spline-mono-latin-700";

    private static final Map<String, byte[]> FILES =
            List.of(WORDS, WORDS_MORE, WORDS_BOLD, WORDS_MORE_BOLD, SCRIPTS, SCRIPTS_BOLD, FIGURES, FIGURES_BOLD)
                    .stream()
                    .collect(Collectors.toMap(Function.identity(), PaperLetters::read));

    private static final Map<String, CmapLookup> LETTERS =
            FILES.keySet().stream().collect(Collectors.toMap(Function.identity(), PaperLetters::letters));

    private PaperLetters() {}

    /** A typeface's file, as TrueType. */
    static InputStream file(String name) {
        return new ByteArrayInputStream(FILES.get(name));
    }

    /** A text as it is printed: every kind of blank and line break is a blank, and what has no shape of its own is left out. */
    public static String printed(String text) {
        StringBuilder printed = new StringBuilder();
        text.codePoints().forEach(point -> {
            if (Character.isWhitespace(point) || Character.isSpaceChar(point)) {
                printed.append(' ');
            } else if (!isShapeless(point)) {
                printed.appendCodePoint(point);
            }
        });
        return printed.toString();
    }

    private static boolean isShapeless(int point) {
        int type = Character.getType(point);
        return type == Character.CONTROL
                || type == Character.FORMAT
                || type == Character.SURROGATE
                || isNoLetter(point);
    }

    /** Code points that are never letters (Unicode, noncharacters); XML allows some of them nowhere. */
    private static boolean isNoLetter(int point) {
        return (point & 0xFFFE) == 0xFFFE || point >= 0xFDD0 && point <= 0xFDEF;
    }

    /** The letters of a text that our papers cannot show, each once; empty text when they show all. */
    public static String notPrintable(String text) {
        TreeSet<Integer> missing = new TreeSet<>();
        printed(text).codePoints().filter(point -> !has(point)).forEach(missing::add);
        return missing.stream().map(Character::toString).collect(Collectors.joining(" "));
    }

    private static boolean has(int point) {
        return point == ' '
                || Stream.of(WORDS_BOLD, WORDS_MORE_BOLD, SCRIPTS_BOLD).anyMatch(face -> has(face, point));
    }

    /** Whether a face has a letter. */
    static boolean has(String face, int point) {
        return Objects.requireNonNull(LETTERS.get(face)).getGlyphId(point) != 0;
    }

    private static CmapLookup letters(String name) {
        try (TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(FILES.get(name)))) {
            return font.getUnicodeCmapLookup();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static byte[] read(String name) {
        try (InputStream stream = PaperLetters.class.getResourceAsStream("/fonts/" + name + ".ttf")) {
            return stream.readAllBytes();
        } catch (IOException failed) {
            throw new UncheckedIOException("The typeface " + name + " cannot be read", failed);
        }
    }
}
