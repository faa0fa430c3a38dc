package nobrec.server.platform.mapping;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Many rows as one parameter, which the statement unfolds with JSON_TABLE: thousands of rows go in with a few statements,
 * and none of them has thousands of parameters.
 */
@Component
public class RowsAsJson {

    /** So many rows go in one statement: well below the largest packet, and within its time limit. */
    private static final int ROWS_AT_ONCE = 500;

    /** The columns of one row; what is null or an empty text is left out. */
    public static final class Columns {
        private final Map<String, Object> values = new LinkedHashMap<>();

        public Columns with(String name, @Nullable Object value) {
            if (value instanceof BigDecimal decimal) {
                values.put(name, decimal.toPlainString());
            } else if (value != null && !value.equals("")) {
                values.put(name, value);
            }
            return this;
        }
    }

    private final JsonMapper json;

    RowsAsJson(JsonMapper json) {
        this.json = json;
    }

    /** Hands rows over in portions, each written as one JSON array. */
    public <T> void forPortions(List<T> rows, BiConsumer<Columns, T> write, Consumer<String> statement) {
        for (int from = 0; from < rows.size(); from += ROWS_AT_ONCE) {
            List<Map<String, Object>> portion = new ArrayList<>();
            for (T row : rows.subList(from, Math.min(rows.size(), from + ROWS_AT_ONCE))) {
                Columns columns = new Columns();
                write.accept(columns, row);
                portion.add(columns.values);
            }
            statement.accept(json.writeValueAsString(portion));
        }
    }
}
