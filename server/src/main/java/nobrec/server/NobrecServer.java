package nobrec.server;

import java.util.TimeZone;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;

/** The application. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class NobrecServer {

    public static void main(String[] arguments) {
        TimeZone.setDefault(TimeZone.getTimeZone("UTC"));
        // A connection is tried each time it is taken: one to a database that is away is never waited for.
        System.setProperty("com.zaxxer.hikari.aliveBypassWindowMs", "0");
        SpringApplication.run(NobrecServer.class, arguments);
    }
}
