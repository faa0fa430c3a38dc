package nobrec.server.carrier;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Lists that a column keeps with commas between. */
final class Words {

    private Words() {}

    static <T extends Enum<T>> String join(Collection<T> values) {
        return values.stream().map(Enum::name).sorted().collect(Collectors.joining(","));
    }

    static <T> Set<T> split(String text, Function<String, T> reader) {
        return words(text).stream().map(reader).collect(Collectors.toSet());
    }

    static List<String> words(String text) {
        return Arrays.stream(text.split(",")).filter(word -> !word.isEmpty()).toList();
    }

    static String joinPairs(Map<String, Integer> pairs) {
        return new TreeMap<>(pairs)
                .entrySet().stream()
                        .map(each -> each.getKey() + "=" + each.getValue())
                        .collect(Collectors.joining(","));
    }

    static Map<String, Integer> splitPairs(String text) {
        return words(text).stream()
                .map(word -> word.split("=", 2))
                .collect(Collectors.toMap(pair -> pair[0], pair -> Integer.valueOf(pair[1])));
    }
}
