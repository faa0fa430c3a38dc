package nobrec.server.connection;

import java.net.URI;
import java.net.UnknownHostException;
import org.springframework.stereotype.Component;

/** Whether an address outside may be called, for adapters that do not speak HTTP. */
@Component
public class HostCheck {

    private final InnerHosts innerHosts;

    HostCheck(InnerHosts innerHosts) {
        this.innerHosts = innerHosts;
    }

    public void require(URI address) throws ReadFault {
        try {
            innerHosts.require(address);
        } catch (UnknownHostException unknown) {
            throw ReadFault.passing(
                    "There is no host “" + address.getHost() + "”.", "Check how the address is written.");
        }
    }
}
