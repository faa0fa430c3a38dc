package nobrec.server.source.view;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nobrec.core.limit.Limits;
import nobrec.server.connection.ReadFault;

/** A SELECT of the shop's, looked through from outside: it stands in brackets, so that it can be nothing but a SELECT. */
final class ShopQuery {

    static final String NUMBER = "number";
    static final String CHANGED_AT = "changed_at";

    private static final int COLUMNS = 300;
    private static final int ROWS_AT_ONCE = 1_000;

    private final Connection database;
    private final String inBrackets;
    private final int timeoutSeconds;

    private ShopQuery(Connection database, String query, int timeoutSeconds) {
        this.database = database;
        this.inBrackets = "(\n" + query + "\n) shop_query";
        this.timeoutSeconds = timeoutSeconds;
    }

    static ShopQuery of(Connection database, String text, int timeoutSeconds) throws ReadFault {
        String query = text.strip().replaceAll(";+\\s*$", "");
        if (query.isEmpty()) {
            throw ReadFault.lasting("No SELECT is written yet.", "Write one where it is set up.");
        }
        String first = query.split("[^A-Za-z]", 2)[0].toUpperCase(Locale.ROOT);
        if (!first.equals("SELECT") && !first.equals("WITH")) {
            throw ReadFault.lasting(
                    "It does not begin with SELECT but with “" + first + "”.",
                    "Records are only read: write a SELECT.");
        }
        return new ShopQuery(database, query, timeoutSeconds);
    }

    /** Names of its columns, as they are called there. */
    List<String> columns() throws SQLException, ReadFault {
        List<Map<String, String>> none = new ArrayList<>();
        List<String> columns = read("SELECT * FROM " + inBrackets + " LIMIT 0", List.of(), 1, none);
        if (columns.size() > COLUMNS) {
            throw ReadFault.lasting("It has more than " + COLUMNS + " columns.", "Name those that are needed.");
        }
        for (String needed : List.of(NUMBER, CHANGED_AT)) {
            if (columns.stream().noneMatch(needed::equalsIgnoreCase)) {
                throw ReadFault.lasting(
                        "It has no column called " + needed + ".",
                        "Write “AS " + needed + "” behind the one that tells "
                                + (needed.equals(NUMBER) ? "the job's number." : "when its row was changed last."));
            }
        }
        return columns;
    }

    List<Map<String, String>> firstRows(int limit) throws SQLException {
        return rows("SELECT * FROM " + inBrackets + " ORDER BY " + NUMBER, List.of(), limit);
    }

    /** Different texts of a column. */
    List<String> different(String column, int limit) throws SQLException {
        List<String> texts = new ArrayList<>();
        for (Map<String, String> row : rows("SELECT DISTINCT `" + column + "` FROM " + inBrackets, List.of(), limit)) {
            row.values().stream().filter(text -> !text.isEmpty()).forEach(texts::add);
        }
        return texts;
    }

    /**
     * Numbers of jobs of which any row was changed, in their order.
     *
     * @param after the last number of the part before; empty text for the first part
     */
    List<String> changedSince(String from, String after, int limit) throws SQLException {
        String beyond = after.isEmpty() ? "" : " AND " + NUMBER + " > ?";
        List<String> values = after.isEmpty() ? List.of(from) : List.of(from, after);
        return rows(
                        "SELECT DISTINCT " + NUMBER + " FROM " + inBrackets + " WHERE " + CHANGED_AT + " >= ?" + beyond
                                + " ORDER BY " + NUMBER,
                        values,
                        limit)
                .stream()
                .flatMap(row -> row.values().stream())
                .filter(number -> !number.isEmpty())
                .toList();
    }

    /** All rows of some jobs, those of one together. */
    List<Map<String, String>> rowsOf(List<String> numbers, int limit) throws SQLException {
        String marks = "?, ".repeat(numbers.size() - 1) + "?";
        return rows(
                "SELECT * FROM " + inBrackets + " WHERE " + NUMBER + " IN (" + marks + ") ORDER BY " + NUMBER,
                numbers,
                limit);
    }

    private List<Map<String, String>> rows(String sql, List<String> values, int limit) throws SQLException {
        List<Map<String, String>> rows = new ArrayList<>();
        read(sql, values, limit, rows);
        return rows;
    }

    private List<String> read(String sql, List<String> values, int limit, List<Map<String, String>> rows)
            throws SQLException {
        try (PreparedStatement statement = database.prepareStatement(sql)) {
            statement.setQueryTimeout(timeoutSeconds);
            statement.setMaxRows(limit);
            statement.setFetchSize(ROWS_AT_ONCE);
            for (int at = 0; at < values.size(); at++) {
                statement.setString(at + 1, values.get(at));
            }
            try (ResultSet found = statement.executeQuery()) {
                List<String> columns = columns(found.getMetaData());
                while (found.next()) {
                    rows.add(row(found, columns));
                }
                return columns;
            }
        }
    }

    private static List<String> columns(ResultSetMetaData about) throws SQLException {
        List<String> columns = new ArrayList<>();
        for (int at = 1; at <= about.getColumnCount(); at++) {
            columns.add(about.getColumnLabel(at));
        }
        return columns;
    }

    /** A text too long for any field is cut: what is said of its field shows it. */
    private static Map<String, String> row(ResultSet found, List<String> columns) throws SQLException {
        Map<String, String> row = new LinkedHashMap<>();
        for (int at = 0; at < columns.size(); at++) {
            String text = found.getString(at + 1);
            String plain = text == null ? "" : text;
            row.put(columns.get(at), plain.length() > Limits.CELL ? plain.substring(0, Limits.CELL) : plain);
        }
        return row;
    }
}
