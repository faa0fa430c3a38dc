package nobrec.server.connection;

import java.net.InetAddress;
import java.net.URI;
import java.net.URISyntaxException;
import java.net.UnknownHostException;
import java.time.Duration;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import nobrec.core.refusal.Refusal;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/** What may be entered for a connection. */
@Component
class ConnectionRules {

    private static final Duration SHORTEST = Duration.ofMillis(200);
    private static final Duration LONGEST = Duration.ofSeconds(30);

    private final ObjectProvider<Adapter> adapters;

    ConnectionRules(ObjectProvider<Adapter> adapters) {
        this.adapters = adapters;
    }

    /** An address that its adapter can call: scheme and host, perhaps a port and a path; nothing else. */
    URI address(ConnectionRow connection, String text) {
        String typed = text.strip();
        Set<String> schemes = schemes(connection.adapter());
        URI address = parsed(connection, typed);
        boolean whole = address.getHost() != null
                && (address.getPort() > 0 || !address.toString().startsWith("tcp:"))
                && address.getScheme() != null
                && schemes.contains(address.getScheme().toLowerCase(Locale.ROOT));
        boolean more =
                address.getRawUserInfo() != null || address.getRawQuery() != null || address.getRawFragment() != null;
        if (!whole || more) {
            throw unusableAddress(connection, typed, schemes);
        }
        return typed.endsWith("/") ? URI.create(typed.replaceAll("/+$", "")) : address;
    }

    void timeLimit(ConnectionRow connection, Duration limit) {
        if (limit.compareTo(SHORTEST) < 0 || limit.compareTo(LONGEST) > 0) {
            throw Refusal.unusable(
                    "Time limit of " + connection.name(),
                    limit.toMillis() + " ms is not between 200 and 30,000 ms.",
                    "Enter how long a person may wait for it: 3000 is common.");
        }
    }

    /** What may have arrived at one system is not sent to another without somebody knowing it. */
    void requireNothingUnderWay(ConnectionRow connection, int waiting) {
        if (waiting > 0) {
            throw Refusal.conflict(
                    "Address of " + connection.name(),
                    (waiting == 1 ? "One thing has" : waiting + " things have")
                            + " no certain answer from there yet; another system would do it once more.",
                    "Wait for the answers on Postings. Save again if it is the same system at a new address, or nothing"
                            + " arrived.");
        }
    }

    /** The user name to sign in with; empty when there is nothing to sign in with. */
    Optional<String> credentials(ConnectionRow before, URI address, Connections.CredentialsChange change) {
        requireSendable(before, change.userName());
        // RFC 7617: a colon would end the user name.
        if (change.userName().contains(":")) {
            throw Refusal.unusable(
                    "User name of " + before.name(), "There is a “:” in it.", "Enter the user name alone.");
        }
        requireSendable(before, change.secret().orElse(""));
        boolean kept = before.secret() != null;
        if (change.secret().isEmpty() && !kept) {
            return Optional.empty();
        }
        boolean sameAddress = before.address().equals(address.toString());
        boolean sameUser = before.userName().equals(change.userName());
        if (change.secret().isEmpty() && !(sameAddress && sameUser)) {
            throw Refusal.unusable(
                    "Credentials of " + before.name(),
                    "They were entered for " + before.address() + (sameUser ? "." : " and another user name."),
                    "Enter the password or token again.");
        }
        if (address.getScheme().equalsIgnoreCase("http") && !isThisMachine(address.getHost())) {
            throw Refusal.unusable(
                    "Address of " + before.name(),
                    "Over http the credentials could be read on the way.",
                    "Use its https address.");
        }
        return Optional.of(change.userName());
    }

    /** No signs that cannot stand in a header. */
    private static void requireSendable(ConnectionRow connection, String text) {
        if (text.chars().anyMatch(Character::isISOControl)) {
            throw Refusal.unusable(
                    "Credentials of " + connection.name(),
                    "There is a line break or another control sign in them.",
                    "Copy them again, without what stands around them.");
        }
    }

    private Set<String> schemes(String adapterName) {
        Map<String, Set<String>> byAdapter =
                adapters.stream().collect(Collectors.toMap(Adapter::adapterName, Adapter::schemes));
        return byAdapter.getOrDefault(adapterName, Set.of());
    }

    private URI parsed(ConnectionRow connection, String typed) {
        try {
            return new URI(typed);
        } catch (URISyntaxException unusable) {
            throw unusableAddress(connection, typed, schemes(connection.adapter()));
        }
    }

    private static Refusal unusableAddress(ConnectionRow connection, String typed, Set<String> schemes) {
        return Refusal.unusable(
                "Address of " + connection.name(),
                "“" + typed + "” is no address it can be called at.",
                "Enter "
                        + new TreeSet<>(schemes)
                                .stream().map(each -> each + "://").collect(Collectors.joining(" or "))
                        + ", the host and, if needed, port and path; no user name, “?” or “#”.");
    }

    private static boolean isThisMachine(String host) {
        try {
            return InetAddress.getByName(host).isLoopbackAddress();
        } catch (UnknownHostException elsewhere) {
            return false;
        }
    }
}
