package nobrec.server.api.security;

import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/** Whoever the present request is made by. */
public final class SignedIn {

    private SignedIn() {}

    /** Packers see what a service costs, not what the customer pays and what is earned. */
    public static boolean seesWhatCustomersPay() {
        return may(Permission.SEE_CHARGES);
    }

    /** Whether whoever asks may bring jobs in and change them. */
    public static boolean bringsIn() {
        return may(Permission.BRING_IN);
    }

    /** Whether whoever asks may pack and ship. */
    public static boolean packsAndShips() {
        return may(Permission.PACK_AND_SHIP);
    }

    public static boolean may(Permission permission) {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who != null
                && who.getAuthorities().stream()
                        .anyMatch(each -> permission.name().equals(each.getAuthority()));
    }
}
