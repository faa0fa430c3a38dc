package nobrec.server.api.security;

import java.util.Optional;

/** Who may still sign in, and as what. */
public interface PresentAccounts {

    /** The role of an account that is in use; empty when it is gone or switched off. */
    Optional<Role> roleOf(String signIn);
}
