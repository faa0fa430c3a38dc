package nobrec.server.platform.mapping;

import java.util.Collection;
import java.util.function.BiConsumer;
import javax.sql.DataSource;
import org.apache.ibatis.exceptions.PersistenceException;
import org.apache.ibatis.session.ExecutorType;
import org.apache.ibatis.session.SqlSession;
import org.apache.ibatis.session.SqlSessionFactory;
import org.mybatis.spring.MyBatisExceptionTranslator;
import org.springframework.dao.support.PersistenceExceptionTranslator;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.util.Assert;

/**
 * One statement for many rows, which go to the database some hundred at a time. They go in the transaction that has begun; how
 * many rows each has changed is not known.
 */
@Component
public class RowBatch {

    private static final int ROWS_AT_ONCE = 500;

    private final SqlSessionFactory sessions;
    private final PersistenceExceptionTranslator translator;

    RowBatch(SqlSessionFactory sessions, DataSource dataSource) {
        this.sessions = sessions;
        this.translator = new MyBatisExceptionTranslator(dataSource, false);
    }

    /** @param statement a method of the mapper that writes one row */
    public <M, R> void forEach(Class<M> mapper, Collection<R> rows, BiConsumer<M, R> statement) {
        Assert.state(TransactionSynchronizationManager.isActualTransactionActive(), "No transaction has begun.");
        if (rows.isEmpty()) {
            return;
        }
        try (SqlSession session = sessions.openSession(ExecutorType.BATCH)) {
            M batched = session.getMapper(mapper);
            int waiting = 0;
            for (R row : rows) {
                statement.accept(batched, row);
                waiting++;
                if (waiting == ROWS_AT_ONCE) {
                    session.flushStatements();
                    waiting = 0;
                }
            }
            session.flushStatements();
        } catch (PersistenceException failed) {
            RuntimeException told = translator.translateExceptionIfPossible(failed);
            throw told == null ? failed : told;
        }
    }
}
