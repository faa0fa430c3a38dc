package nobrec.server.platform.security;

import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/** Whoever the present request is made by. */
public final class SignedIn {

    private SignedIn() {}

    /** Packers see what a service costs, not what the customer pays and what is earned. */
    public static boolean seesWhatCustomersPay() {
        return !has(Role.PACKER);
    }

    private static boolean has(Role role) {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who != null
                && who.getAuthorities().stream().anyMatch(each -> ("ROLE_" + role.name()).equals(each.getAuthority()));
    }
}
