package nobrec.server;

import java.util.concurrent.atomic.AtomicInteger;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.apache.ibatis.session.ResultHandler;
import org.apache.ibatis.session.RowBounds;

/** Counts the statements that mappers send from the thread that asks. */
@Intercepts({
    @Signature(
            type = Executor.class,
            method = "update",
            args = {MappedStatement.class, Object.class}),
    @Signature(
            type = Executor.class,
            method = "query",
            args = {MappedStatement.class, Object.class, RowBounds.class, ResultHandler.class})
})
public final class StatementCount implements Interceptor {

    private final ThreadLocal<AtomicInteger> count = ThreadLocal.withInitial(AtomicInteger::new);

    @Override
    public Object intercept(Invocation invocation) throws Throwable {
        count.get().incrementAndGet();
        return invocation.proceed();
    }

    /** How many the work sent. */
    public int of(Runnable work) {
        count.get().set(0);
        work.run();
        return count.get().get();
    }
}
