package nobrec.server.platform.mapping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.lang.reflect.Method;
import java.sql.SQLTransactionRollbackException;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import nobrec.server.ServerTest;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.mapping.SqlCommandType;
import org.apache.ibatis.session.SqlSessionFactory;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Every update and every deletion says how many rows it must change, and is held to it. */
class ChangedRowsTest extends ServerTest {

    @Autowired
    private SqlSessionFactory sessions;

    @Test
    void everyChangeSaysHowManyRows() throws Exception {
        Collection<?> all = sessions.getConfiguration().getMappedStatements();
        List<MappedStatement> changes = all.stream()
                .filter(MappedStatement.class::isInstance)
                .map(MappedStatement.class::cast)
                .filter(each -> each.getSqlCommandType() == SqlCommandType.UPDATE
                        || each.getSqlCommandType() == SqlCommandType.DELETE)
                .toList();
        assertThat(changes).hasSizeGreaterThan(25);
        for (MappedStatement each : changes) {
            assertThat(methodOf(each.getId()).getAnnotations())
                    .as(each.getId())
                    .anyMatch(said -> said instanceof ChangesOneRow || said instanceof ChangesAnyRows);
        }
    }

    private static Method methodOf(String statement) throws ClassNotFoundException {
        int dot = statement.lastIndexOf('.');
        return Arrays.stream(Class.forName(statement.substring(0, dot)).getDeclaredMethods())
                .filter(method -> method.getName().equals(statement.substring(dot + 1)))
                .findFirst()
                .orElseThrow(() -> new AssertionError("Statement " + statement + " is called by nobody."));
    }

    /** Two find a row at the same moment; the second comes to change what is there no more. */
    @Test
    void aRowThatIsGoneIsAConflict() {
        assertThatThrownBy(
                        () -> sessions.openSession().update("nobrec.server.shipment.ShipmentMapper.deletePackage", -1L))
                .rootCause()
                .isInstanceOf(SQLTransactionRollbackException.class)
                .hasMessageContaining("must change one row and changed 0");
    }
}
