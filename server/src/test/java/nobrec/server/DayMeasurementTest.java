package nobrec.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import nobrec.core.address.PostalAddress;
import nobrec.server.place.AddressChecks;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.springframework.beans.factory.annotation.Autowired;

/** A day with 3,000 open jobs, and how many addresses are checked in a second, for {@code ./nobrec bench}. */
@EnabledIfSystemProperty(named = "nobrec.measurements", matches = ".+")
class DayMeasurementTest extends MeasurementTest {

    private static final int OPEN = 3_000;
    private static final int LOOKS = 100;
    private static final int ADDRESSES = 40_000;
    private static final int ROUNDS = 5;
    private static final String OTHERS_STAY =
            "UPDATE work_order SET status = 'SHIPPED' WHERE source <> 'FILE' AND status <> 'SHIPPED'";
    private static final String HEADING =
            "Order No,Customer,Ship To,Street,City,State,ZIP,Country,Ship Via,Promise,Item,Qty,Unit Wt lb\n";

    @Autowired
    private AddressChecks checks;

    private void bringInADay() {
        StringBuilder file = new StringBuilder(HEADING);
        List<PostalAddress> places = addresses(OPEN);
        for (int job = 0; job < OPEN; job++) {
            PostalAddress to = places.get(job);
            file.append("DAY-%d,Customer %d,Receiver %d,%d Mill Road,%s,%s,%s,US,%s,12/%d/2026,SK-%d,%d,%s%n"
                    .formatted(
                            job,
                            job % 400,
                            job % 900,
                            1 + job % 900,
                            to.city().replace(',', ' '),
                            to.state(),
                            to.postalCode(),
                            List.of("Plover Ground", "Dunlin Overnight", "Godwit Parcel", "")
                                    .get(job % 4),
                            2 + job % 20,
                            job % 500,
                            1 + job % 9,
                            job % 3 == 0 ? "" : "0.5"));
        }
        assertThat(drop("day.csv", file.toString().getBytes(StandardCharsets.UTF_8)))
                .hasStatusOk();
    }

    /** Of the postal reference, in an order without meaning, each with a street line. */
    private List<PostalAddress> addresses(int count) {
        return sql.sql("SELECT code, city, state FROM postal_code ORDER BY CRC32(code) LIMIT " + count)
                .query((row, number) -> new PostalAddress(
                        "Receiver " + number,
                        "",
                        (1 + number % 900) + " N Mill Rd Ste " + (1 + number % 40),
                        "",
                        row.getString("city"),
                        row.getString("state"),
                        row.getString("code"),
                        "US"))
                .list();
    }

    /** Milliseconds at the 95th of a hundred, after as many to warm up. */
    private double slowest(String... paths) {
        List<Double> times = new ArrayList<>();
        for (int look = 0; look < 2 * LOOKS; look++) {
            double time = 1000
                    * seconds(() -> {
                        for (String path : paths) {
                            assertThat(get(path).isObject()).isTrue();
                        }
                    });
            if (look >= LOOKS) {
                times.add(time);
            }
        }
        return times.stream().sorted().toList().get(LOOKS * 95 / 100 - 1);
    }

    private double checkedInASecond() {
        List<PostalAddress> all = addresses(ADDRESSES);
        List<Double> times = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            times.add(seconds(() -> all.forEach(
                    address -> assertThat(checks.check(address).stream().noneMatch(each -> each.stops()))
                            .as(address.cityLine())
                            .isTrue())));
        }
        return all.size() / median(times);
    }

    @Test
    void theDay() throws IOException {
        fill(OTHERS_STAY);
        bringInADay();
        double departures = slowest("/api/v1/departures", "/api/v1/departures/jobs");
        double attention = slowest("/api/v1/attention");
        long waiting = sql.sql("SELECT COUNT(*) FROM job_attention a JOIN work_order w ON w.id = a.work_order_id"
                        + " WHERE w.number LIKE 'DAY-%'")
                .query(Long.class)
                .single();
        report("""

                ## A day with 3,000 open jobs

                The server's whole answers at the 95th of %d looks (below 100 ms requested each); %,d reasons for attention among them.

                - Departures, the day and its first jobs: %.0f ms
                - Needs attention, the first rows and the counts: %.0f ms

                ## Addresses checked

                %,d addresses of the postal reference with a street line, each good, on one core, median of %d rounds.

                - in a second (20,000 requested): %,.0f
                """.formatted(LOOKS, waiting, departures, attention, ADDRESSES, ROUNDS, checkedInASecond()));
    }
}
