package nobrec.server.account;

import nobrec.server.api.security.Role;

/** A person who can sign in. */
public record AppUser(long id, String signIn, String displayName, String passwordHash, Role role, boolean active) {}
