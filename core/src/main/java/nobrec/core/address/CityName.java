package nobrec.core.address;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Map;

/** Whether two spellings name one city: {@code Ft. Worth} is Fort Worth. Common practice, no source. */
final class CityName {

    private static final Map<String, String> WRITTEN_OUT = Map.ofEntries(
            Map.entry("st", "saint"),
            Map.entry("ste", "sainte"),
            Map.entry("ft", "fort"),
            Map.entry("mt", "mount"),
            Map.entry("mtn", "mountain"),
            Map.entry("pt", "point"),
            Map.entry("n", "north"),
            Map.entry("s", "south"),
            Map.entry("e", "east"),
            Map.entry("w", "west"),
            Map.entry("no", "north"),
            Map.entry("so", "south"),
            Map.entry("hts", "heights"),
            Map.entry("hgts", "heights"),
            Map.entry("spgs", "springs"),
            Map.entry("spg", "spring"),
            Map.entry("jct", "junction"),
            Map.entry("ctr", "center"),
            Map.entry("center", "center"),
            Map.entry("vlg", "village"),
            Map.entry("bch", "beach"),
            Map.entry("lk", "lake"),
            Map.entry("is", "island"),
            Map.entry("twp", "township"));

    private CityName() {}

    static boolean same(String one, String other) {
        return plain(one).equals(plain(other));
    }

    /** Small letters of the name written out, without blanks. */
    static String plain(String city) {
        String words = Normalizer.normalize(city, Normalizer.Form.NFKD)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[\\p{M}'’`]", "")
                .replaceAll("[^\\p{L}]+", " ")
                .strip();
        StringBuilder plain = new StringBuilder();
        for (String word : words.split(" ")) {
            plain.append(WRITTEN_OUT.getOrDefault(word, word));
        }
        return plain.toString();
    }
}
