package nobrec.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What measurements have in common: a million work orders, and where they are reported. Never part of the tests. */
public abstract class MeasurementTest extends ServerTest {

    private static final int MILLION = 1_000_000;

    @Autowired
    protected JdbcClient sql;

    /** Of the house rules as they are: else a task would look at what is only written here, and slow what is measured. */
    protected int rulesVersion() {
        return sql.sql("SELECT version FROM house_rule_set")
                .query(Integer.class)
                .single();
    }

    protected static double seconds(Runnable work) {
        long before = System.nanoTime();
        work.run();
        return (System.nanoTime() - before) / 1e9;
    }

    protected static double median(List<Double> times) {
        return times.stream().sorted().toList().get(times.size() / 2);
    }

    /** Once: 5,200 customers, 4,600 receivers, 18,000 cities, 20,000 items; one in ten not shipped. */
    protected void fillAMillion() {
        long there = sql.sql("SELECT COUNT(*) FROM work_order WHERE source = 'million'")
                .query(Long.class)
                .single();
        if (there > 0) {
            return;
        }
        fill(
                "INSERT INTO work_order (source, number, customer, customer_po, company, person, street, street2, city, state,"
                        + " postal_code, country, phone, mail, promise_date, requested_service, terms, status, taken_in_at,"
                        + " rules_version, batch, site_code, line_count, pieces, weight, value, contents, hold, shipped_on)"
                        + " SELECT 'million', CONCAT('M-', seq), CONCAT(ELT(1 + seq % 20, " + SYLLABLES + "), ' ',"
                        + " ELT(1 + seq DIV 20 % 20, " + SYLLABLES
                        + "), ' ', 1 + seq % 13), CONCAT('PO ', 7 * seq), '',"
                        + " CONCAT(ELT(1 + seq DIV 7 % 20, " + SYLLABLES + "), ELT(1 + seq DIV 3 % 20, " + SYLLABLES
                        + "), ' ',"
                        + " ELT(1 + seq DIV 11 % 20, " + SYLLABLES
                        + "), 'son ', seq % 5), '1 Road', '', p.city, p.state,"
                        + " p.code, IF(seq % 50 = 0, 'CA', 'US'), '', '', DATE_ADD('2026-12-01', INTERVAL seq DIV 4000 DAY),"
                        + " ELT(1 + seq % 5, 'Plover Ground', 'Dunlin Overnight', 'Godwit Post', '', 'Curlew Freight'),"
                        + " ELT(1 + seq % 3, 'PREPAID', 'COLLECT', 'PREPAID_AND_BILLED'),"
                        + " IF(seq % 10 = 0, 'READY', 'SHIPPED'), NOW(), " + rulesVersion()
                        + ", CONCAT('B-', seq DIV 500), '', 1,"
                        + " 1 + seq % 40, 226 * (1 + seq % 977), 12.5 * (1 + seq % 733), SHA2(seq % 3000, 256),"
                        + " IF(seq % 400 = 0, 'Asks for a drawing.', ''), IF(seq % 10 = 0, NULL, '2026-11-30') FROM seq_1_to_"
                        + MILLION + " JOIN"
                        + " (SELECT code, city, state, ROW_NUMBER() OVER (ORDER BY code) AS n FROM postal_code) p"
                        + " ON p.n = 1 + seq % 40000");
        fill(
                "INSERT INTO work_order_line (work_order_id, position, item, description, quantity_ordered, quantity_taken,"
                        + " quantity_shipped, unit_weight) SELECT id, 1, CONCAT('SK-', id % 20000), 'Seal kit', 5, 0, 0, 226"
                        + " FROM work_order WHERE source = 'million'");
        Map.of("customer", "CUSTOMER", "person", "RECEIVER", "city", "CITY")
                .forEach((column, kind) ->
                        fill("INSERT IGNORE INTO work_order_name (kind, name, plain) SELECT DISTINCT '" + kind + "', "
                                + column + ", LOWER(" + column + ") FROM work_order WHERE source = 'million'"));
        fill(
                "INSERT IGNORE INTO work_order_name (kind, name, plain) SELECT DISTINCT 'ITEM', item, LOWER(item) FROM work_order_line");
        fill("INSERT INTO work_order_field SELECT id, 'Shop order', CONCAT('S-', id DIV 7) FROM work_order"
                + " WHERE source = 'million' AND id % 10 = 0");
        fill("ANALYZE TABLE work_order, work_order_line, work_order_name, work_order_field");
    }

    private static final String SYLLABLES =
            "'Lowmoor', 'Fen', 'Wick', 'Brack', 'Thorn', 'Ald', 'Marrow', 'Quill', 'Hather',"
                    + " 'Stan', 'Wold', 'Ferry', 'Grim', 'Holt', 'Ingle', 'Kettle', 'Larch', 'Mere', 'Nether', 'Oak'";

    /** Without the time limits of the application's own connections. */
    protected void fill(String statement) {
        Map<String, Object> settings = serverSettings();
        try (Connection connection = DriverManager.getConnection(
                        settings.get("spring.datasource.url").toString(),
                        settings.get("spring.datasource.username").toString(),
                        settings.get("spring.datasource.password").toString());
                PreparedStatement filling = connection.prepareStatement(statement)) {
            filling.execute();
        } catch (SQLException failed) {
            throw new IllegalStateException(failed);
        }
    }

    protected static void report(String text) throws IOException {
        Files.writeString(
                Path.of(System.getProperty("nobrec.measurements")),
                text,
                StandardOpenOption.CREATE,
                StandardOpenOption.APPEND);
    }
}
