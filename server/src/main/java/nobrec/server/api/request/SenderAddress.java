package nobrec.server.api.request;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;

/** Who sends a request, as far as that can be known without a sign-in. */
public final class SenderAddress {

    private static final int NETWORK_GROUPS = 4;

    private SenderAddress() {}

    /** One sender has one address, or of the newer kind (IPv6) one network. */
    public static String of(HttpServletRequest request) {
        String address = request.getRemoteAddr();
        String[] groups = address.split(":");
        return groups.length > NETWORK_GROUPS ? String.join(":", Arrays.copyOf(groups, NETWORK_GROUPS)) : address;
    }
}
