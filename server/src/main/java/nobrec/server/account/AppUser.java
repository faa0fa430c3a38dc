package nobrec.server.account;

import nobrec.server.api.security.Role;

/**
 * A person who can sign in.
 *
 * @param siteCode the site she looks at; empty text for the home site
 */
public record AppUser(
        long id, String signIn, String displayName, String passwordHash, Role role, boolean active, String siteCode) {

    /** In place of a site: all of them. */
    public static final String ALL_SITES = "ALL";
}
