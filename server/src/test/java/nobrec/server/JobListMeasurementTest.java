package nobrec.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.IntFunction;
import nobrec.core.joblist.JobColumn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/** The job list on a million work orders, for {@code ./nobrec bench}. */
@EnabledIfSystemProperty(named = "nobrec.measurements", matches = ".+")
class JobListMeasurementTest extends MeasurementTest {

    private static final int LOOKS = 100;
    private static final int ROWS = 100;
    private static final int PARTS = 1_000;

    private static final int LONG = 10_000;

    private final Random random = new Random(12);

    @Autowired
    private StatementPlans plans;

    private JsonNode list(Map<String, String> words) {
        var request = mvc.get().uri("/api/v1/work-orders").with(user(INES).roles("COORDINATOR"));
        words.forEach(request::param);
        return json(request.exchange());
    }

    /** Milliseconds at the 95th of a hundred. */
    private double slowest(IntFunction<Map<String, String>> words) {
        List<Double> times = new ArrayList<>();
        for (int look = 0; look < LOOKS; look++) {
            Map<String, String> asked = words.apply(look);
            times.add(1000
                    * seconds(() -> assertThat(list(asked).has("rows"))
                            .as(asked.toString())
                            .isTrue()));
        }
        return times.stream().sorted().toList().get(LOOKS * 95 / 100 - 1);
    }

    private double primaryKeyRead() {
        List<Double> times = new ArrayList<>();
        long first = sql.sql("SELECT MIN(id) FROM work_order WHERE source = 'million'")
                .query(Long.class)
                .single();
        for (int look = 0; look < LOOKS; look++) {
            List<Long> ids = random.longs(ROWS, first, first + 999_999).boxed().toList();
            times.add(1000
                    * seconds(() -> assertThat(sql.sql("SELECT * FROM work_order WHERE id IN (:ids)")
                                    .param("ids", ids)
                                    .query()
                                    .listOfRows())
                            .isNotEmpty()));
        }
        return times.stream().sorted().toList().get(LOOKS * 95 / 100 - 1);
    }

    private int number() {
        return 1 + random.nextInt(1_000_000);
    }

    private Map<String, IntFunction<Map<String, String>>> asked() {
        Map<String, IntFunction<Map<String, String>>> asked = new TreeMap<>();
        asked.put("first page", look -> Map.of());
        asked.put("status", look -> Map.of("status", look % 2 == 0 ? "READY" : "SHIPPED"));
        asked.put("customer", look -> Map.of("customer", "Fen Wick " + (1 + look % 13)));
        asked.put("source", look -> Map.of("source", look % 2 == 0 ? "million" : "FILE"));
        asked.put("batch", look -> Map.of("batch", "B-" + number() / 500));
        asked.put("number, its beginning", look -> Map.of("number", "M-" + number() / 1000));
        asked.put("number, from and to", look -> Map.of("number", "M-500000..M-5" + (10_000 + number() / 11)));
        asked.put("service", look -> Map.of("service", "Plover Ground"));
        asked.put("terms", look -> Map.of("terms", "COLLECT"));
        asked.put("promised", look -> Map.of("promised", "2027-0" + (1 + look % 7) + "-03.."));
        asked.put("shipped", look -> Map.of("shipped", "2026-11-30"));
        asked.put("abroad", look -> Map.of("abroad", "yes"));
        asked.put("on hold", look -> Map.of("held", "yes"));
        asked.put("value", look -> Map.of("value", look * 50 + ".." + (look * 50 + 100)));
        asked.put("weight", look -> Map.of("weight", look + " kg.." + (look + 1) + " kg"));
        asked.put("own field", look -> Map.of("field.Shop order", "S-" + number() / 7));
        asked.put("same contents", look -> Map.of("same-contents", "M-" + number()));
        asked.put("none", look -> Map.of("customer", "Nobody " + look));
        asked.put("two filters", look -> Map.of("status", "READY", "customer", "Oak Mere " + (1 + look % 13)));
        asked.put("two filters, many", look -> Map.of("status", "READY", "service", "Godwit Post", "sort", "promised"));
        for (JobColumn each : JobColumn.values()) {
            String column = each.key();
            asked.put("sorted by " + column, look -> Map.of("sort", (look % 2 == 0 ? "-" : "") + column));
            asked.put(
                    "customer, sorted by " + column,
                    look -> Map.of(
                            "customer", "Thorn Ald " + (1 + look % 13), "sort", (look % 2 == 0 ? "-" : "") + column));
        }
        asked.put("text: part of a name, few", look -> Map.of("text", "ningleson " + look % 5));
        asked.put(
                "text: part of a name, many",
                look -> Map.of("text", List.of("moor", "holt", "ferry", "wick").get(look % 4)));
        asked.put("text: a letter", look -> Map.of("text", "" + (char) ('a' + look % 26)));
        asked.put("text: two words", look -> Map.of("text", "kettle tucson"));
        asked.put("text: nothing", look -> Map.of("text", "zzqx" + look));
        asked.put("text: a number", look -> Map.of("text", "M-" + number()));
        asked.put("text: the end of a number", look -> Map.of("text", "" + number()));
        asked.put("text: an item", look -> Map.of("text", "sk-" + number() % 20_000));
        return asked;
    }

    /** The database explains what it would do: no table that is long is read as a whole; what it has found already is. */
    @Test
    void everyLookIsReadByAnIndex() {
        fillAMillion();
        // Names are read into memory once, all of them.
        list(Map.of("text", "a"));
        asked().forEach((name, words) -> assertThat(plans.of(() -> list(words.apply(7))).stream()
                        .filter(step -> step.index() == null && step.rows() > LONG)
                        .filter(step -> !step.table().startsWith("<"))
                        .map(step -> step.statement() + " reads all of " + step.table()))
                .as(name)
                .isEmpty());
    }

    @Test
    void theListOnAMillion() throws IOException {
        fillAMillion();
        for (int look = 0; look < LOOKS; look++) {
            list(Map.of());
        }
        double floor = primaryKeyRead();
        StringBuilder rows = new StringBuilder();
        for (var each : asked().entrySet()) {
            double time = slowest(each.getValue());
            rows.append("| %s | %.1f | %.1f |%n".formatted(each.getKey(), time, time / floor));
        }
        String cursor = "";
        for (int part = 0; part < PARTS; part++) {
            cursor = list(Map.of("sort", "customer", "cursor", cursor))
                    .path("next")
                    .asString();
        }
        String last = cursor;
        double far = slowest(look -> Map.of("sort", "customer", "cursor", last));
        rows.append("| part %,d, sorted by customer | %.1f | %.1f |%n".formatted(PARTS, far, far / floor));
        report("""

                ## The job list on a million work orders

                The server's whole answer with %d rows and the count, at the 95th of %d looks, beside a read of %d rows by their
                ids (%.1f ms; at most 5 times that, and below 50 ms requested).

                | asked for | ms | times the read by ids |
                | --- | ---: | ---: |
                %s""".formatted(ROWS, LOOKS, ROWS, floor, rows));
    }
}
