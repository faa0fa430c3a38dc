package nobrec.server.api.security;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import nobrec.server.api.request.BodyArrival;
import nobrec.server.api.request.ProblemWriter;
import nobrec.server.api.request.RequestSettings;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.method.configuration.EnableMethodSecurity;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.util.matcher.RequestMatcher;

/** Sign-in by form with hashed passwords, session in the database, CSRF token in a cookie the page reads. */
@Configuration
@EnableMethodSecurity
class SecurityConfiguration {

    private static final String CONTENT_POLICY =
            "default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline';"
                    + " frame-src 'self'; object-src 'self'; frame-ancestors 'self'; base-uri 'self'; form-action 'self'";

    /** Systems that call us have no session: each call is signed. */
    private static final String SIGNED_CALLS = "/api/v1/events/**";

    private static final String PERMISSIONS = "camera=(), microphone=(), geolocation=(), payment=(), usb=()";

    @Bean
    PasswordEncoder passwordEncoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }

    /** The page itself, its scripts and typefaces, and health: for everybody, outside session and database. */
    @Bean
    @Order(1)
    SecurityFilterChain pages(HttpSecurity http) throws Exception {
        RequestMatcher pages = request -> !request.getRequestURI().startsWith("/api/");
        return withHeaders(http.securityMatcher(pages))
                .headers(headers -> headers.cacheControl(cache -> cache.disable()))
                .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .csrf(AbstractHttpConfigurer::disable)
                .securityContext(AbstractHttpConfigurer::disable)
                .sessionManagement(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .build();
    }

    @Bean
    @Order(2)
    SecurityFilterChain api(HttpSecurity http, SignInGate gate, PresentAccounts accounts, ProblemWriter problems)
            throws Exception {
        return withHeaders(http)
                .csrf(csrf -> csrf.ignoringRequestMatchers(SIGNED_CALLS)
                        .csrfTokenRepository(CookieCsrfTokenRepository.withHttpOnlyFalse())
                        .csrfTokenRequestHandler(new TokenInHeader()))
                .authorizeHttpRequests(
                        requests -> requests.requestMatchers(RequestSettings.SIGN_IN, "/api/v1/who", SIGNED_CALLS)
                                .permitAll()
                                .anyRequest()
                                .authenticated())
                .addFilterBefore(new SignInFilter(gate, problems), UsernamePasswordAuthenticationFilter.class)
                .addFilterBefore(new PresentAccountFilter(accounts), AuthorizationFilter.class)
                .addFilterBefore(new BadgeFilter(accounts), AuthorizationFilter.class)
                .formLogin(form -> form.loginProcessingUrl(RequestSettings.SIGN_IN)
                        .successHandler((request, response, who) -> {
                            gate.succeeded(who.getName(), request, response);
                            response.setStatus(HttpServletResponse.SC_NO_CONTENT);
                        })
                        .failureHandler((request, response, failure) -> problems.write(
                                response,
                                HttpStatus.UNAUTHORIZED,
                                "Signing in",
                                "Name and password do not belong together.",
                                "Check both.")))
                .logout(logout -> logout.logoutUrl("/api/v1/sign-out")
                        .logoutSuccessHandler(
                                (request, response, who) -> response.setStatus(HttpServletResponse.SC_NO_CONTENT)))
                .exceptionHandling(errors -> errors.authenticationEntryPoint(
                                (request, response, failure) -> notSignedIn(problems, request, response))
                        .accessDeniedHandler((request, response, denied) -> problems.write(
                                response,
                                BodyArrival.hasArrived(request) ? HttpStatus.FORBIDDEN : HttpStatus.REQUEST_TIMEOUT,
                                "This request",
                                "It does not come from a page of Nobrec, or you may not do this.",
                                "Reload the page and try again.")))
                .requestCache(cache -> cache.disable())
                .build();
    }

    private static void notSignedIn(ProblemWriter problems, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        problems.write(
                response,
                BodyArrival.hasArrived(request) ? HttpStatus.UNAUTHORIZED : HttpStatus.REQUEST_TIMEOUT,
                "Your sign-in",
                "It has ended.",
                "Reload the page and sign in again.");
    }

    private static HttpSecurity withHeaders(HttpSecurity http) throws Exception {
        return http.headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN))
                .permissionsPolicyHeader(permissions -> permissions.policy(PERMISSIONS))
                .frameOptions(frame -> frame.sameOrigin()));
    }

    /** What the firewall turns away is told so in our form. */
    @Bean
    RequestRejectedHandler rejectedRequests(ProblemWriter problems) {
        return (request, response, rejected) -> problems.write(
                response,
                HttpStatus.BAD_REQUEST,
                "This address",
                "It holds signs that no address of ours has.",
                "Go back to the page you came from.");
    }

    /** The token comes in its header only: looking for it in a form would mean to wait for what a stranger sends. */
    private static final class TokenInHeader extends CsrfTokenRequestAttributeHandler {

        @Override
        public String resolveCsrfTokenValue(HttpServletRequest request, CsrfToken token) {
            return request.getHeader(token.getHeaderName());
        }
    }
}
