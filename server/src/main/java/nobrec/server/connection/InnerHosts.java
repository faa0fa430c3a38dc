package nobrec.server.connection;

import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.URI;
import java.net.UnknownHostException;
import java.util.List;
import java.util.Locale;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Hosts in our own network that may be read from. An address that somebody enters must not become a window into the network this
 * server stands in, so that only those are called that the installation names ({@code nobrec.inner-hosts}).
 */
@Component
class InnerHosts {

    private static final int UNIQUE_LOCAL = 0xFC;
    private static final int UNIQUE_LOCAL_MASK = 0xFE;
    private static final int SHARED_FIRST = 100;
    private static final int SHARED_SECOND_MASK = 0xC0;
    private static final int SHARED_SECOND = 64;

    private final List<String> allowed;

    InnerHosts(@Value("${nobrec.inner-hosts:}") List<String> allowed) {
        this.allowed = allowed.stream()
                .map(each -> each.strip().toLowerCase(Locale.ROOT))
                .toList();
    }

    /** Refuses an address in our own network that is not named; asks for the host's address. */
    void require(URI address) throws UnknownHostException, ReadFault {
        if (!allows(address)) {
            throw ReadFault.lasting(
                    address.getHost() + " is an address inside our own network.",
                    "Have it added to nobrec.inner-hosts if records may be read from there.");
        }
    }

    /** Whether the installation names it as a host of our own network. */
    boolean names(URI address) {
        return allowed.contains(address.getHost().toLowerCase(Locale.ROOT));
    }

    private boolean allows(URI address) throws UnknownHostException {
        String host = address.getHost().toLowerCase(Locale.ROOT);
        if (allowed.contains(host)) {
            return true;
        }
        for (InetAddress each : InetAddress.getAllByName(host)) {
            if (isInner(each) && !allowed.contains(each.getHostAddress())) {
                return false;
            }
        }
        return true;
    }

    private static boolean isInner(InetAddress address) {
        byte[] bytes = address.getAddress();
        boolean uniqueLocal = address instanceof Inet6Address && (bytes[0] & UNIQUE_LOCAL_MASK) == UNIQUE_LOCAL;
        // RFC 6598: shared by the networks of one provider.
        boolean shared = bytes.length == 4
                && (bytes[0] & 0xFF) == SHARED_FIRST
                && (bytes[1] & SHARED_SECOND_MASK) == SHARED_SECOND;
        return uniqueLocal
                || shared
                || address.isLoopbackAddress()
                || address.isSiteLocalAddress()
                || address.isLinkLocalAddress()
                || address.isAnyLocalAddress()
                || address.isMulticastAddress();
    }
}
