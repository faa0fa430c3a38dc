package nobrec.server;

import static org.assertj.core.api.Assertions.assertThat;

import nobrec.core.limit.Limits;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** What the list of limits allows the database holds. */
class LimitsTest extends ServerTest {

    @Autowired
    private JdbcTemplate database;

    private int lettersOf(String table, String column) {
        Integer letters = database.queryForObject(
                "SELECT character_maximum_length FROM information_schema.columns"
                        + " WHERE table_schema = DATABASE() AND table_name = ? AND column_name = ?",
                Integer.class,
                table,
                column);
        assertThat(letters).as("%s.%s", table, column).isNotNull();
        return letters;
    }

    static String[] texts() {
        return new String[] {
            "number",
            "customer",
            "customer_po",
            "company",
            "person",
            "street",
            "street2",
            "city",
            "state",
            "postal_code",
            "country",
            "phone",
            "mail",
            "requested_service",
            "carrier_account"
        };
    }

    @ParameterizedTest
    @MethodSource("texts")
    void everyTextOfAWorkOrder(String column) {
        assertThat(lettersOf("work_order", column)).isGreaterThanOrEqualTo(Limits.TEXT);
    }

    @ParameterizedTest
    @CsvSource({
        "work_order_line, item, 120",
        "work_order_line, description, 120",
        "work_order_line, hs_code, 120",
        "work_order_line, origin, 120",
        "work_order_line, lots, 120",
        "package_content, lots, 120",
        "import_fault, column_name, 120",
        "import_fault, order_number, 120",
        "import_fault, value, 120",
        "outbox, subject_name, 120",
        "rate_sheet, service_code, 20",
        "fuel_index, code, 20",
        "shipment_charge_line, title, 80",
    })
    void whatIsKeptOfLinesFilesAndCharges(String table, String column, int letters) {
        assertThat(letters).isIn(Limits.TEXT, Limits.CODE, Limits.TITLE);
        assertThat(lettersOf(table, column)).isGreaterThanOrEqualTo(letters);
    }
}
