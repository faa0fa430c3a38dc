package nobrec.server.shipment;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a person chose for a shipment not yet shipped; no service where she chose none. */
record OpenChoiceRow(long workOrderId, @Nullable String chosenService, long siteId) {

    OpenChoice choice() {
        return new OpenChoice(Optional.ofNullable(chosenService), siteId);
    }
}
