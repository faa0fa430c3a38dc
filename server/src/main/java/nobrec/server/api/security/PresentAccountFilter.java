package nobrec.server.api.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.web.filter.OncePerRequestFilter;

/** A session lasts as long as its account: who was switched off is out at once, and a role that was changed counts at once. */
class PresentAccountFilter extends OncePerRequestFilter {

    private final PresentAccounts accounts;

    PresentAccountFilter(PresentAccounts accounts) {
        this.accounts = accounts;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (who != null && who.getPrincipal() instanceof UserDetails person) {
            Optional<Role> role = accounts.roleOf(who.getName());
            SecurityContext now = SecurityContextHolder.createEmptyContext();
            role.ifPresent(each -> now.setAuthentication(
                    UsernamePasswordAuthenticationToken.authenticated(person, null, each.authorities())));
            SecurityContextHolder.setContext(now);
        }
        chain.doFilter(request, response);
    }
}
