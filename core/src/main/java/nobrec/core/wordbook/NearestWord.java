package nobrec.core.wordbook;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nobrec.core.notation.Misspelling;

/** Which known word one that is not known is most like. */
public final class NearestWord {

    /** Out of a hundred, below which two words are not called alike. */
    private static final int ALIKE = 45;

    private static final int ALL = 100;

    private NearestWord() {}

    /** The meaning of the most similar word; empty when none is alike. */
    public static Optional<String> of(String word, List<KnownWords.Word> known) {
        int best = ALIKE - 1;
        Optional<String> nearest = Optional.empty();
        for (KnownWords.Word each : known) {
            for (String candidate : each.words()) {
                int likeness = likeness(word, candidate);
                if (likeness > best) {
                    best = likeness;
                    nearest = Optional.of(each.meaning());
                }
            }
        }
        return nearest;
    }

    /**
     * How alike two words are, from 0 to 100: by the share of their parts that are alike, or by the letters that must be changed,
     * whichever says more.
     */
    static int likeness(String one, String other) {
        String first = plain(one);
        String second = plain(other);
        if (first.isEmpty() || second.isEmpty()) {
            return 0;
        }
        return Math.max(byLetters(first, second), byParts(first, second));
    }

    private static int byLetters(String one, String other) {
        int longest = Math.max(one.length(), other.length());
        return ALL * (longest - Misspelling.faults(one, other)) / longest;
    }

    /** Each part of the shorter one against its best part in the longer one; an abbreviation counts as alike. */
    private static int byParts(String one, String other) {
        List<String> few = new ArrayList<>(Arrays.asList(one.split(" ")));
        List<String> many = new ArrayList<>(Arrays.asList(other.split(" ")));
        if (few.size() > many.size()) {
            List<String> swapped = few;
            few = many;
            many = swapped;
        }
        int sum = 0;
        int parts = many.size();
        for (String part : few) {
            int best = 0;
            for (String candidate : many) {
                best = Math.max(best, isShort(part, candidate) ? ALL - 10 : byLetters(part, candidate));
            }
            sum += best;
        }
        return sum / parts;
    }

    /** Whether one begins as the other and goes through it in order: {@code grnd} and {@code ground}. */
    private static boolean isShort(String one, String other) {
        String brief = one.length() < other.length() ? one : other;
        String full = one.length() < other.length() ? other : one;
        if (brief.length() < 2 || brief.charAt(0) != full.charAt(0)) {
            return false;
        }
        int at = 0;
        for (int each = 0; each < brief.length(); each++) {
            at = full.indexOf(brief.charAt(each), at) + 1;
            if (at == 0) {
                return false;
            }
        }
        return true;
    }

    private static String plain(String word) {
        return word.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", " ").strip();
    }
}
