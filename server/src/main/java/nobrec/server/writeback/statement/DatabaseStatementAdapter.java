package nobrec.server.writeback.statement;

import java.net.URI;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import nobrec.core.refusal.Refusal;
import nobrec.core.telling.FactScope;
import nobrec.core.writeback.WriteBack;
import nobrec.core.writeback.WriteBackPlan;
import nobrec.server.connection.Connection;
import nobrec.server.connection.DatabaseCalls;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.connection.ReadFault;
import nobrec.server.writeback.WriteBackPort;
import org.springframework.stereotype.Component;

/**
 * Databases that are written by statements of the shop's: one for the job, one for each package, one for each line, all in one
 * transaction there. Values are bound by the names of the fields; {@code :number} is the job's number there, {@code :key} the key under
 * which it is written once.
 */
@Component
class DatabaseStatementAdapter implements WriteBackPort {

    private static final String JOB_STATEMENT = "Statement for the job";
    private static final String NUMBER = "number";
    private static final String KEY = "key";

    private final DatabaseCalls calls;

    DatabaseStatementAdapter(DatabaseCalls calls) {
        this.calls = calls;
    }

    @Override
    public String adapterName() {
        return "database-statement";
    }

    @Override
    public String label() {
        return "database (MariaDB), by statements";
    }

    @Override
    public boolean takesStatements() {
        return true;
    }

    @Override
    public boolean canCall(URI address) {
        return DatabaseCalls.isDatabase(address);
    }

    @Override
    public String addressForm() {
        return DatabaseCalls.ADDRESS_FORM;
    }

    @Override
    public void requireUsable(WriteBackPlan plan) {
        Statements.of(plan);
        if (!plan.reading().isBlank()) {
            requireNames(ShopStatement.reading("SELECT of what stands there", plan.reading()), List.of(), "SELECT");
        }
    }

    /** The statements of a plan, read. */
    private record Statements(ShopStatement job, List<ShopStatement> packages, List<ShopStatement> lines) {

        static Statements of(WriteBackPlan plan) {
            return new Statements(
                    read(JOB_STATEMENT, plan.statement(), plan, FactScope.SHIPMENT),
                    optional("Statement for a package", plan.packageStatement(), plan, FactScope.PACKAGE),
                    optional("Statement for a line", plan.lineStatement(), plan, FactScope.LINE));
        }

        private static List<ShopStatement> optional(String thing, String text, WriteBackPlan plan, FactScope scope) {
            return text.isBlank() ? List.of() : List.of(read(thing, text, plan, scope));
        }

        private static ShopStatement read(String thing, String text, WriteBackPlan plan, FactScope scope) {
            ShopStatement statement = ShopStatement.writing(thing, text);
            requireNames(statement, plan.names(scope), thing);
            return statement;
        }
    }

    private static void requireNames(ShopStatement statement, List<String> fields, String thing) {
        Set<String> known = new TreeSet<>(fields);
        known.add(NUMBER);
        known.add(KEY);
        for (String name : statement.names()) {
            if (!known.contains(name)) {
                throw Refusal.unusable(
                        thing,
                        "It asks for :" + name + ", and there is no such field.",
                        "There are :" + String.join(", :", known) + ".");
            }
        }
        if (!statement.names().contains(NUMBER) && !statement.names().contains(KEY)) {
            throw Refusal.unusable(
                    thing, "It does not ask for :number, so it would meet every job.", "Ask for it in WHERE.");
        }
    }

    @Override
    public OutsideAnswer<String> write(Connection connection, String key, WriteBackPlan plan, WriteBack writeBack) {
        Statements statements = Statements.of(plan);
        try {
            int rows = calls.write(connection, database -> {
                int changed = run(database, statements.job(), key, writeBack.number(), writeBack.fields());
                for (ShopStatement statement : statements.packages()) {
                    for (Map<String, String> each : writeBack.packages()) {
                        changed += run(database, statement, key, writeBack.number(), each);
                    }
                }
                for (ShopStatement statement : statements.lines()) {
                    for (Map<String, String> each : writeBack.lines()) {
                        changed += run(database, statement, key, writeBack.number(), each);
                    }
                }
                return changed;
            });
            return new OutsideAnswer.Accepted<>(rows == 1 ? "1 row is written." : rows + " rows are written.");
        } catch (ReadFault fault) {
            String reason = fault.reason() + " " + fault.remedy();
            return fault.isLasting() ? new OutsideAnswer.Refused<>(reason) : new OutsideAnswer.Unknown<>(reason);
        }
    }

    /** An UPDATE that meets no row, or more than one, is a mistake: nothing of it stays. */
    private static int run(
            java.sql.Connection database,
            ShopStatement statement,
            String key,
            String number,
            Map<String, String> fields)
            throws SQLException, ReadFault {
        try (PreparedStatement prepared = database.prepareStatement(statement.sql())) {
            bind(prepared, statement, key, number, fields);
            int rows = prepared.executeUpdate();
            if (statement.updates() && rows != 1) {
                throw ReadFault.lasting(
                        "It would change " + rows + " rows for number " + number + ", not one.",
                        rows == 0
                                ? "Look whether the job is there under this number."
                                : "Have its WHERE ask for all that makes a row one.");
            }
            return rows;
        }
    }

    private static void bind(
            PreparedStatement prepared, ShopStatement statement, String key, String number, Map<String, String> fields)
            throws SQLException {
        Map<String, String> values = new HashMap<>(fields);
        values.put(NUMBER, number);
        values.put(KEY, key);
        for (int at = 0; at < statement.names().size(); at++) {
            String value = values.get(statement.names().get(at));
            // An empty text is nothing: a column of days or figures takes no other.
            prepared.setString(at + 1, value == null || value.isEmpty() ? null : value);
        }
    }

    @Override
    public OutsideAnswer<Map<String, String>> standing(
            Connection connection, String key, WriteBackPlan plan, WriteBack writeBack) {
        if (plan.reading().isBlank()) {
            return new OutsideAnswer.Accepted<>(Map.of());
        }
        ShopStatement statement = ShopStatement.reading("SELECT of what stands there", plan.reading());
        try {
            return new OutsideAnswer.Accepted<>(
                    calls.look(connection, database -> firstRow(database, statement, key, writeBack.number())));
        } catch (ReadFault fault) {
            return new OutsideAnswer.Unknown<>(fault.reason() + " " + fault.remedy());
        }
    }

    private static Map<String, String> firstRow(
            java.sql.Connection database, ShopStatement statement, String key, String number) throws SQLException {
        try (PreparedStatement prepared = database.prepareStatement(statement.sql())) {
            prepared.setMaxRows(1);
            bind(prepared, statement, key, number, Map.of());
            try (ResultSet rows = prepared.executeQuery()) {
                Map<String, String> row = new LinkedHashMap<>();
                ResultSetMetaData about = rows.getMetaData();
                if (rows.next()) {
                    for (int at = 1; at <= about.getColumnCount(); at++) {
                        String text = rows.getString(at);
                        row.put(about.getColumnLabel(at), text == null ? "" : text);
                    }
                }
                return row;
            }
        }
    }
}
