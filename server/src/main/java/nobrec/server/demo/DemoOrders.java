package nobrec.server.demo;

import java.nio.file.Files;
import java.nio.file.Path;
import nobrec.server.audit.AuditLog;
import nobrec.server.orderfile.FileImports;
import nobrec.server.platform.DemoSettings;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Brings in the demonstration's first work orders, once its shop is set up. */
@Component
@ConditionalOnProperty("nobrec.demo.folder")
@Order(DemoLoader.AFTER_REFERENCE + 1)
class DemoOrders implements ApplicationRunner {

    private static final String FIRST_ORDERS = "orders-monday.csv";

    private final DemoSettings demo;
    private final FileImports imports;

    DemoOrders(DemoSettings demo, FileImports imports) {
        this.demo = demo;
        this.imports = imports;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (imports.isEmpty()) {
            Path file = Path.of(demo.folder()).resolve(FIRST_ORDERS);
            imports.takeIn(FIRST_ORDERS, () -> Files.newInputStream(file), AuditLog.BY_ITSELF);
        }
    }
}
