package nobrec.server.account;

import nobrec.server.platform.security.Role;

/** A person who can sign in. */
public record AppUser(long id, String signIn, String displayName, String passwordHash, Role role, boolean active) {}
