package nobrec.server;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.BoundSql;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.apache.ibatis.session.ResultHandler;
import org.apache.ibatis.session.RowBounds;
import org.jspecify.annotations.Nullable;

/** Has the database explain the statements that mappers send from the thread that asks. */
@Intercepts(
        @Signature(
                type = Executor.class,
                method = "query",
                args = {MappedStatement.class, Object.class, RowBounds.class, ResultHandler.class}))
public final class StatementPlans implements Interceptor {

    /**
     * One table of a plan.
     *
     * @param index by which it is read; null where all of it is read
     * @param remark the database's own, as on a sort without an index
     */
    public record Step(
            String statement, String table, @Nullable String index, long rows, String remark) {}

    private final ThreadLocal<@Nullable List<Step>> steps = new ThreadLocal<>();

    /** All steps of what the work asks the database. */
    public List<Step> of(Runnable work) {
        List<Step> found = new ArrayList<>();
        steps.set(found);
        try {
            work.run();
        } finally {
            steps.remove();
        }
        return found;
    }

    @Override
    public Object intercept(Invocation invocation) throws Throwable {
        List<Step> found = steps.get();
        if (found != null) {
            explain(
                            (Executor) invocation.getTarget(),
                            (MappedStatement) invocation.getArgs()[0],
                            invocation.getArgs()[1])
                    .forEach(found::add);
        }
        return invocation.proceed();
    }

    private static List<Step> explain(Executor executor, MappedStatement statement, @Nullable Object parameter)
            throws SQLException {
        BoundSql sql = statement.getBoundSql(parameter);
        List<Step> plan = new ArrayList<>();
        Connection connection = executor.getTransaction().getConnection();
        try (PreparedStatement explained = connection.prepareStatement("EXPLAIN " + sql.getSql())) {
            statement
                    .getConfiguration()
                    .newParameterHandler(statement, parameter, sql)
                    .setParameters(explained);
            try (ResultSet rows = explained.executeQuery()) {
                while (rows.next()) {
                    if (rows.getString("table") != null) {
                        plan.add(new Step(
                                statement.getId(),
                                rows.getString("table"),
                                rows.getString("key"),
                                rows.getLong("rows"),
                                Objects.requireNonNullElse(rows.getString("Extra"), "")));
                    }
                }
            }
        }
        return plan;
    }
}
