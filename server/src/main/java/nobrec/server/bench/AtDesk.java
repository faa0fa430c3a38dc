package nobrec.server.bench;

import jakarta.validation.constraints.Size;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.server.device.Desk;

/**
 * What stands at the desk from which is asked, by the codes of its connections.
 *
 * @param scale left out for the shop's usual one
 * @param frame left out where there is no measuring frame
 */
record AtDesk(Optional<@Size(max = Limits.CODE) String> scale, Optional<@Size(max = Limits.CODE) String> frame) {

    Desk desk() {
        return new Desk(scale, frame);
    }
}
