package nobrec.server.connection;

import java.net.URI;
import java.net.URISyntaxException;
import java.time.Duration;
import java.util.Optional;
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

    /** An address that its adapter can call: no user name in it, no query, no fragment. */
    URI address(ConnectionRow connection, String text) {
        String typed = text.strip().replaceAll("/+$", "").replaceFirst("^jdbc:", "");
        try {
            URI address = new URI(typed);
            boolean more = address.getRawUserInfo() != null
                    || address.getRawQuery() != null
                    || address.getRawFragment() != null;
            if (address.getHost() != null && !more && adapter(connection).canCall(address)) {
                return address;
            }
        } catch (URISyntaxException unusable) {
            // Said below, as for any other that cannot be called.
        }
        throw Refusal.unusable(
                "Address of " + connection.name(),
                "“" + typed + "” is no address it can be called at.",
                "Enter " + adapter(connection).addressForm() + "; no user name, “?” or “#”.");
    }

    private Adapter adapter(ConnectionRow connection) {
        return new Adapters<>(adapters.stream().toList()).named(connection.name(), connection.adapter());
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

    /** By its name alone: nobody is asked for an address while rows are locked, and what is said today stays true. */
    private static boolean isThisMachine(String host) {
        return host.equalsIgnoreCase("localhost") || host.equals("[::1]") || host.matches("127(\\.[0-9]{1,3}){3}");
    }
}
