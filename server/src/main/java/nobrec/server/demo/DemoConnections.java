package nobrec.server.demo;

import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import nobrec.server.audit.AuditLog;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Connections;
import nobrec.server.connection.Credentials;
import nobrec.server.customer.CustomerSettings;
import nobrec.server.mail.MailRules;
import nobrec.server.mail.MailSettings;
import nobrec.server.platform.DemoSettings;
import nobrec.server.source.RecordSources;
import nobrec.server.writeback.WriteBackTarget;
import nobrec.server.writeback.WriteBackTargets;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Points the demo's connections, at each start, to where its stand-ins answer now. */
@Component
@ConditionalOnProperty("nobrec.demo.folder")
@Order(DemoLoader.AFTER_REFERENCE)
class DemoConnections implements ApplicationRunner {

    private static final String MAIL = "MAIL";
    private static final String SHOP_DATABASE = "SHOPBASE";
    private static final String SHOP_ORDERS = "SHOPWRITES";
    private static final String SHOP_DATABASE_NAME = "Shop database";
    private static final Duration TIME_LIMIT = Duration.ofSeconds(3);

    private final DemoSettings demo;
    private final JsonMapper json;
    private final Connections connections;
    private final RecordSources sources;
    private final WriteBackTargets targets;
    private final MailSettings mailSettings;
    private final MailRules mailRules;
    private final CustomerSettings customers;

    DemoConnections(
            DemoSettings demo,
            JsonMapper json,
            Connections connections,
            RecordSources sources,
            WriteBackTargets targets,
            MailSettings mailSettings,
            MailRules mailRules,
            CustomerSettings customers) {
        this.customers = customers;
        this.mailSettings = mailSettings;
        this.mailRules = mailRules;
        this.sources = sources;
        this.targets = targets;
        this.demo = demo;
        this.json = json;
        this.connections = connections;
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException {
        Path file = Path.of(demo.folder()).resolve("shop.json");
        DemoShop shop = json.readValue(Files.readString(file), DemoShop.class);
        shop.connections().stream()
                .map(this::connection)
                .filter(each -> !connections.isAt(each.code(), each.address()))
                .forEach(connections::keep);
        if (!connections.isAt(MAIL, demo.mail())) {
            connections.keep(new Connection(MAIL, "Mail server", "smtp", demo.mail(), TIME_LIMIT, Optional.empty()));
        }
        boolean first = sources.isEmpty();
        if (first) {
            mailSettings.keep(shop.emails().look().reachedAt(demo.publicAddress()), AuditLog.BY_ITSELF);
            mailRules.change(0, shop.emails().rules(), AuditLog.BY_ITSELF);
            if (!demo.publicAddress().isEmpty()) {
                customers.change(0, shop.customers(), AuditLog.BY_ITSELF);
            }
            shop.sources().forEach(entry -> sources.add(entry.code(), entry.name(), entry.adapter()));
        }
        if (!demo.shopDatabase().isEmpty()) {
            keepShopDatabase(URI.create(demo.shopDatabase()), first);
        }
        if (first) {
            shop.writeBacks().stream()
                    .filter(entry ->
                            !demo.shopDatabase().isEmpty() || !entry.code().equals(SHOP_ORDERS))
                    .forEach(entry ->
                            targets.set(new WriteBackTarget(entry.code(), 0, true, entry.plan()), AuditLog.BY_ITSELF));
        }
    }

    /** The database of the demonstration's shop; the user that reads is called as it is. */
    private void keepShopDatabase(URI address, boolean first) {
        String reader = address.getPath().substring(1);
        keep(SHOP_DATABASE, SHOP_DATABASE_NAME, "database-view", address, reader);
        keep(SHOP_ORDERS, "Shop database, orders", "database-statement", address, reader + "_orders");
        if (first) {
            sources.add(SHOP_DATABASE, SHOP_DATABASE_NAME, "database-view");
        }
    }

    private void keep(String code, String name, String adapter, URI address, String user) {
        if (!connections.isAt(code, address)) {
            connections.keep(new Connection(
                    code, name, adapter, address, TIME_LIMIT, Optional.of(new Credentials(user, "heron-view"))));
        }
    }

    private Connection connection(DemoShop.ConnectionEntry entry) {
        boolean scale = entry.path() == null;
        return new Connection(
                entry.code(),
                entry.name(),
                entry.adapter(),
                scale ? demo.scale() : URI.create(demo.standIns() + entry.path()),
                TIME_LIMIT,
                Optional.ofNullable(entry.userName()).map(name -> new Credentials(name, entry.secret())));
    }
}
