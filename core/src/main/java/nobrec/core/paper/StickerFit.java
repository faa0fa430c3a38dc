package nobrec.core.paper;

import java.util.ArrayList;
import java.util.List;

/**
 * Lines of text set into a sticker: at the size wanted; else smaller; else, at the smallest, cut.
 *
 * @param size in points
 */
public record StickerFit(double size, List<String> lines, Outcome outcome) {

    public enum Outcome {
        FITS,
        SMALLER,
        CUT
    }

    /** How wide a text is. */
    @FunctionalInterface
    public interface Width {

        /** In points, for type of one point. */
        double of(String text);
    }

    /** From one baseline to the next, in sizes of type. */
    public static final double LEADING = 1.18;

    private static final double STEP = 0.5;
    private static final String MORE = "…";

    /**
     * @param width in points
     * @param height in points
     * @param wanted size of type in points
     */
    public static StickerFit of(List<String> lines, double width, double height, int wanted, Width measure) {
        double widest = lines.stream().mapToDouble(measure::of).max().orElse(0);
        for (double size = wanted; size >= StickerSheet.LEAST_TYPE; size -= STEP) {
            if (widest * size <= width && lines.size() * size * LEADING <= height) {
                return new StickerFit(size, List.copyOf(lines), size < wanted ? Outcome.SMALLER : Outcome.FITS);
            }
        }
        return cut(lines, width, height, measure);
    }

    private static StickerFit cut(List<String> lines, double width, double height, Width measure) {
        double size = StickerSheet.LEAST_TYPE;
        int most = (int) Math.floor(height / (size * LEADING));
        List<String> kept = new ArrayList<>();
        for (int index = 0; index < Math.min(most, lines.size()); index++) {
            boolean last = index == most - 1 && lines.size() > most;
            kept.add(cut(lines.get(index), last, width / size, measure));
        }
        return new StickerFit(size, List.copyOf(kept), Outcome.CUT);
    }

    /** @param more whether lines are missing after it, which is marked */
    private static String cut(String line, boolean more, double room, Width measure) {
        if (!more && measure.of(line) <= room) {
            return line;
        }
        int end = line.length();
        while (end > 0 && measure.of(line.substring(0, end) + MORE) > room) {
            end = line.offsetByCodePoints(end, -1);
        }
        return line.substring(0, end).stripTrailing() + MORE;
    }
}
