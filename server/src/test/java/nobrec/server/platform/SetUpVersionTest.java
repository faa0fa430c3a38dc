package nobrec.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CompletableFuture;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionOperations;

class SetUpVersionTest extends ServerTest {

    @Autowired
    private SetUpVersion version;

    @Autowired
    private TransactionOperations transactions;

    @Test
    void whoReadsWhileAChangeIsOpenDoesNotGoOnWithTheOldNumberOnceItIsKept() {
        long before = version.current();
        transactions.executeWithoutResult(status -> {
            version.changed();
            assertThat(CompletableFuture.supplyAsync(version::current).join()).isEqualTo(before);
        });
        assertThat(version.current()).isNotEqualTo(before);
    }
}
