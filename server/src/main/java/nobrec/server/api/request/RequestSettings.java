package nobrec.server.api.request;

import java.time.Duration;
import java.util.Set;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.util.unit.DataSize;

/**
 * What a request may be.
 *
 * @param hosts names under which this application is reached; a request for another is refused
 * @param bodyLimit size of what is sent as JSON
 * @param fileLimit size of what is sent as a file, with what stands around it
 * @param bodyTime within which all of a body must arrive; a file has six times as long
 * @param signInsAtOnce sign-ins whose name and password are on their way at the same moment
 */
@ConfigurationProperties("nobrec.requests")
public record RequestSettings(
        @DefaultValue({"127.0.0.1", "localhost", "[::1]"}) Set<String> hosts,
        @DefaultValue("256KB") DataSize bodyLimit,
        @DefaultValue("65MB") DataSize fileLimit,
        @DefaultValue("10s") Duration bodyTime,
        @DefaultValue("16") int signInsAtOnce) {

    /** Where name and password are sent. */
    public static final String SIGN_IN = "/api/v1/sign-in";
}
