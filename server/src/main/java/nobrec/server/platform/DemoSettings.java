package nobrec.server.platform;

import java.net.URI;
import java.time.LocalDateTime;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * The demonstration; without a folder this is no demonstration.
 *
 * @param folder with the demo's records
 * @param password of the demo's users
 * @param standIns where the stand-ins of carriers, books and order desk answer
 * @param scale where the stand-in of the scale answers
 * @param mail where the stand-in of the mail server listens
 * @param publicAddress where the demonstration's customers reach it; empty text: they do not
 * @param shopDatabase where the database of the demo's shop is; empty text where there is none
 * @param startsAt what the demo clock showed when the real clock showed {@code startedAt}; site's own time
 * @param startedAt real moment, seconds since 1970
 */
@ConfigurationProperties("nobrec.demo")
public record DemoSettings(
        @DefaultValue("") String folder,
        @DefaultValue("") String password,
        @DefaultValue("http://127.0.0.1:8481") URI standIns,
        @DefaultValue("tcp://127.0.0.1:8482") URI scale,
        @DefaultValue("smtp://127.0.0.1:8484") URI mail,
        @DefaultValue("") String publicAddress,
        @DefaultValue("") String shopDatabase,
        @DefaultValue("2026-12-01T13:05:00") LocalDateTime startsAt,
        @DefaultValue("0") long startedAt) {

    public boolean isOn() {
        return !folder.isEmpty();
    }
}
