package nobrec.core.customs;

import java.util.Optional;
import nobrec.core.address.PostalAddress;

/**
 * What a job says of its way to another country; each part may be left to the shop's usual.
 *
 * @param currency three letters, ISO 4217; empty text for the shop's own
 * @param latinShipTo the ship-to in Latin letters, where papers cannot show it as it is written
 */
public record ExportDetails(
        Optional<Incoterm> incoterm,
        Optional<ExportReason> reason,
        Optional<DutyPayer> dutyPayer,
        String currency,
        Optional<PostalAddress> latinShipTo) {

    public static final ExportDetails NONE =
            new ExportDetails(Optional.empty(), Optional.empty(), Optional.empty(), "", Optional.empty());
}
