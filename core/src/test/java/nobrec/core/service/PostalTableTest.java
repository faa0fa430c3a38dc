package nobrec.core.service;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PostalTableTest {

    private static String digits(Random random, int count) {
        return random.ints(count, 0, 3).mapToObj(String::valueOf).reduce("", String::concat);
    }

    /** The longest beginning counts, however long the beginnings are; held against a look at all of them. */
    @Test
    void theLongestBeginningCounts() {
        Random random = new Random(3);
        for (int round = 0; round < 200; round++) {
            Map<String, Integer> all = new HashMap<>();
            int minimum = 1 + random.nextInt(3);
            int most = 3 + random.nextInt(3);
            for (int each = 0; each < 12; each++) {
                all.put(digits(random, minimum + random.nextInt(most - minimum + 1)), each);
            }
            PostalTable<Integer> table = new PostalTable<>(all);
            PostalBeginnings beginnings = new PostalBeginnings(all.keySet());
            for (int code = 0; code < 50; code++) {
                String asked = digits(random, 2 + random.nextInt(4));
                Integer expected = all.keySet().stream()
                        .filter(asked::startsWith)
                        .max(Comparator.comparingInt(String::length))
                        .map(all::get)
                        .orElse(-1);
                assertThat(table.find(asked, -1)).as("%s in %s", asked, all).isEqualTo(expected);
                assertThat(beginnings.begin(asked)).isEqualTo(expected >= 0);
            }
        }
    }

    @Test
    void codesThatAreNotDigitsAreFoundToo() {
        PostalTable<String> table = new PostalTable<>(Map.of("M5V", "A", "61", "B"));
        assertThat(table.find("M5V 2T6", "")).isEqualTo("A");
        assertThat(table.find("M4V 2T6", "")).isEmpty();
        assertThat(table.find("61102", "")).isEqualTo("B");
        assertThat(new PostalBeginnings(Set.of()).begin("61102")).isFalse();
    }
}
