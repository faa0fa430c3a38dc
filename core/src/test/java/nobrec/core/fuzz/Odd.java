package nobrec.core.fuzz;

import java.util.List;
import java.util.Random;

/** What comes in wrong, drawn from fixed seeds: other notations, other scripts, too long, empty, doubled, half. */
public final class Odd {

    private static final List<String> TEXTS = List.of(
            "",
            " ",
            "0",
            "-1",
            "+5",
            "1,250",
            "1.250,75",
            "45,00",
            "1e9",
            "NaN",
            "Infinity",
            "9999999",
            "99999999999999999999",
            "0.00001",
            "1/2",
            "1/0",
            "12 1/2",
            "4'6\"",
            "4 lb 3 oz",
            "18x12x6",
            "18\u00a0×\u202f12 × 6",
            "１２",
            "٣",
            "½",
            "2027-01-05",
            "1/5/2027",
            "13/13/2027",
            "1899-12-31",
            "+99999-12-31",
            "2150-01-01",
            "null",
            "true",
            "=1+1",
            "'; DROP TABLE work_order; --",
            "<script>alert(1)</script>",
            "%s%n",
            "\u0000",
            "\t",
            "a\nb",
            "a,b\nc,d",
            "\"",
            "\\",
            "\uD800",
            "\uFEFF",
            "\u202Eabc",
            "Ünïcödé",
            "日本語",
            "🙂",
            "x".repeat(121),
            "x".repeat(400),
            "9".repeat(60));

    private Odd() {}

    public static String text(Random random) {
        return TEXTS.get(random.nextInt(TEXTS.size()));
    }

    /** The same with a letter left out, doubled or put in somewhere; or something else in its place. */
    public static String changed(String text, Random random) {
        if (text.isEmpty() || random.nextInt(3) == 0) {
            return text(random);
        }
        int at = random.nextInt(text.length());
        return switch (random.nextInt(4)) {
            case 0 -> text.substring(0, at) + text.substring(at + 1);
            case 1 -> text.substring(0, at) + text.charAt(at) + text.substring(at);
            case 2 -> text.substring(0, at) + text(random) + text.substring(at);
            default -> text.substring(0, at);
        };
    }
}
