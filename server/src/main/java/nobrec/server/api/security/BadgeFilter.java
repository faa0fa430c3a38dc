package nobrec.server.api.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.List;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.userdetails.User;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * At a desk several people share one sign-in: whose badge was scanned last is who acts. A badge lets nobody do more than both she and
 * whoever signed in at the desk may.
 */
class BadgeFilter extends OncePerRequestFilter {

    private final PresentAccounts accounts;

    BadgeFilter(PresentAccounts accounts) {
        this.accounts = accounts;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication desk = SecurityContextHolder.getContext().getAuthentication();
        HttpSession session = request.getSession(false);
        if (desk != null && session != null && session.getAttribute(BadgeOfDesk.ATTRIBUTE) instanceof String signIn) {
            accounts.roleOf(signIn).ifPresent(role -> {
                request.setAttribute(BadgeOfDesk.ATTRIBUTE, desk.getName());
                List<GrantedAuthority> both = role.authorities().stream()
                        .filter(each -> desk.getAuthorities().contains(each))
                        .toList();
                SecurityContext now = SecurityContextHolder.createEmptyContext();
                now.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                        User.withUsername(signIn).password("").authorities(both).build(), null, both));
                SecurityContextHolder.setContext(now);
            });
        }
        chain.doFilter(request, response);
    }
}
