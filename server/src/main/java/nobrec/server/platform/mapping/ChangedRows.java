package nobrec.server.platform.mapping;

import java.sql.SQLTransactionRollbackException;
import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.springframework.stereotype.Component;

/**
 * Holds every statement to the number of rows that its method in the mapper says. One that changes another number met a row
 * that somebody else had changed: to the caller the same as a transaction that the database gave up.
 */
@Component
@Intercepts(
        @Signature(
                type = Executor.class,
                method = "update",
                args = {MappedStatement.class, Object.class}))
class ChangedRows implements Interceptor {

    /** SQLSTATE of a transaction that cannot be put in order with another. */
    private static final String SERIALIZATION_FAILURE = "40001";

    private final Map<String, Boolean> changesOneRow = new ConcurrentHashMap<>();

    @Override
    public Object intercept(Invocation invocation) throws Throwable {
        Object changed = invocation.proceed();
        String statement = ((MappedStatement) invocation.getArgs()[0]).getId();
        if (changesOneRow.computeIfAbsent(statement, ChangedRows::isAnnotated)
                && !Integer.valueOf(1).equals(changed)) {
            throw new SQLTransactionRollbackException(
                    statement + " must change one row and changed " + changed + ".", SERIALIZATION_FAILURE);
        }
        return changed;
    }

    /** A statement is called by the full name of its mapper's method. */
    private static boolean isAnnotated(String statement) {
        int dot = statement.lastIndexOf('.');
        try {
            return Arrays.stream(Class.forName(statement.substring(0, dot)).getDeclaredMethods())
                    .filter(method -> method.getName().equals(statement.substring(dot + 1)))
                    .anyMatch(method -> method.isAnnotationPresent(ChangesOneRow.class));
        } catch (ClassNotFoundException missing) {
            throw new IllegalStateException("Statement " + statement + " has no mapper", missing);
        }
    }
}
