package nobrec.server.partner;

import nobrec.core.partner.PartnerProfile;

/**
 * One trading partner.
 *
 * @param code of its connection
 * @param active whether what it demands counts
 */
public record Partner(String code, int version, boolean active, PartnerProfile profile) {

    public String name() {
        return profile.name();
    }
}
