package nobrec.server.document.slip;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import nobrec.server.document.page.PaperLetters;
import nobrec.server.document.slip.SlipText.DrawingText;
import nobrec.server.document.slip.SlipText.LayerText;
import nobrec.server.document.slip.SlipText.PieceText;

/** A package's layers seen from above, side by side, the lowest first; each item has a letter that a key below explains. */
final class LayerDrawing {

    private static final int ACROSS = 4;
    private static final int MAX_LAYERS = 12;
    private static final int CELL = 1180;
    private static final int HEAD = 110;
    private static final int LETTER = 80;
    private static final int ALPHABET = 26;

    private LayerDrawing() {}

    /** @param room in millimeters across */
    static String svg(DrawingText drawing, int room) {
        List<LayerText> layers =
                drawing.layers().subList(0, Math.min(drawing.layers().size(), MAX_LAYERS));
        if (layers.isEmpty()) {
            return "";
        }
        Map<String, String> letters = letters(drawing);
        int columns = Math.min(ACROSS, layers.size());
        int rows = (layers.size() + ACROSS - 1) / ACROSS;
        int rowHeight = drawing.width() + HEAD * 2;
        int width = CELL * ACROSS;
        int height = rows * rowHeight + HEAD * letters.size();
        StringBuilder svg = new StringBuilder("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" + room
                + "mm\" height=\"" + room * height / width + "mm\" viewBox=\"0 0 " + width + " " + height
                + "\" font-family=\"Figures, Words, Words more\" font-size=\"" + LETTER + "\">");
        for (int index = 0; index < layers.size(); index++) {
            int left = index % columns * CELL;
            int top = index / ACROSS * rowHeight;
            layer(svg, drawing, layers.get(index), index + 1, left, top, letters);
        }
        return svg.append(key(letters, rows * rowHeight)).append("</svg>").toString();
    }

    private static void layer(
            StringBuilder svg,
            DrawingText drawing,
            LayerText layer,
            int number,
            int left,
            int top,
            Map<String, String> letters) {
        svg.append(text(left, top + LETTER, "layer " + number + ", from " + layer.height()));
        svg.append(rectangle(left, top + HEAD, drawing.length(), drawing.width(), 10));
        // Of pieces too small for a letter the first of each item has it beside the drawing.
        Set<String> named = new HashSet<>();
        for (PieceText piece : layer.pieces()) {
            // The front edge of the package is at the bottom of the drawing.
            int up = top + HEAD + drawing.width() - piece.y() - piece.width();
            svg.append(rectangle(left + piece.x(), up, piece.length(), piece.width(), 4));
            if (Math.min(piece.length(), piece.width()) >= LETTER) {
                svg.append("<text text-anchor=\"middle\" x=\"" + (left + piece.x() + piece.length() / 2) + "\" y=\""
                        + (up + piece.width() / 2 + LETTER / 3) + "\">" + letters.get(piece.item()) + "</text>");
            } else if (named.add(piece.item())) {
                int middle = up + piece.width() / 2;
                int edge = left + drawing.length();
                svg.append("<path d=\"M " + (left + piece.x() + piece.length() / 2) + " " + middle + " H " + (edge + 20)
                        + "\" fill=\"none\" stroke=\"#000\" stroke-width=\"3\"/>");
                svg.append(text(edge + 30, middle + LETTER / 3, letters.getOrDefault(piece.item(), "")));
            }
        }
    }

    private static String rectangle(int x, int y, int width, int height, int stroke) {
        return "<rect x=\"" + x + "\" y=\"" + y + "\" width=\"" + width + "\" height=\"" + height
                + "\" fill=\"none\" stroke=\"#000\" stroke-width=\"" + stroke + "\"/>";
    }

    private static String text(int x, int y, String text) {
        return "<text x=\"" + x + "\" y=\"" + y + "\">" + escaped(text) + "</text>";
    }

    private static Map<String, String> letters(DrawingText drawing) {
        Map<String, String> letters = new TreeMap<>();
        for (LayerText layer : drawing.layers()) {
            for (PieceText piece : layer.pieces()) {
                letters.computeIfAbsent(piece.item(), item -> letter(letters.size()));
            }
        }
        return letters;
    }

    private static String letter(int index) {
        char first = (char) ('a' + index % ALPHABET);
        return index < ALPHABET ? String.valueOf(first) : first + String.valueOf(index / ALPHABET);
    }

    /** What each letter stands for, one below the other. */
    private static String key(Map<String, String> letters, int top) {
        StringBuilder key = new StringBuilder();
        int line = 0;
        for (Map.Entry<String, String> each :
                letters.entrySet().stream().sorted(Map.Entry.comparingByValue()).toList()) {
            line++;
            key.append(text(0, top + line * HEAD - HEAD / 4, each.getValue() + ": " + each.getKey()));
        }
        return key.toString();
    }

    private static String escaped(String text) {
        return PaperLetters.printed(text)
                .replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
