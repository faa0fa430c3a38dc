package nobrec.server.platform.security;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.method.configuration.EnableMethodSecurity;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;

/** Sign-in by form with hashed passwords, session in the database, CSRF token in a cookie the page reads. */
@Configuration
@EnableMethodSecurity
class SecurityConfiguration {

    private static final String CONTENT_POLICY =
            "default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline';"
                    + " frame-src 'self'; object-src 'self'; frame-ancestors 'self'; base-uri 'self'; form-action 'self'";

    @Bean
    PasswordEncoder passwordEncoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }

    @Bean
    SignInAttempts signInAttempts(Clock clock) {
        return new SignInAttempts(clock);
    }

    @Bean
    SecurityFilterChain securityFilterChain(HttpSecurity http, SignInAttempts attempts) throws Exception {
        return http.csrf(csrf -> csrf.spa())
                .authorizeHttpRequests(
                        requests -> requests.requestMatchers("/api/sign-in", "/api/who", "/actuator/health")
                                .permitAll()
                                .requestMatchers("/api/**", "/actuator/**")
                                .authenticated()
                                .anyRequest()
                                .permitAll())
                .formLogin(form -> form.loginProcessingUrl("/api/sign-in")
                        .successHandler((request, response, who) -> {
                            attempts.succeeded(request.getParameter("username"));
                            response.setStatus(HttpServletResponse.SC_NO_CONTENT);
                        })
                        .failureHandler((request, response, failure) -> {
                            attempts.failed(request.getParameter("username"));
                            response.setStatus(HttpServletResponse.SC_UNAUTHORIZED);
                        }))
                .logout(logout -> logout.logoutUrl("/api/sign-out")
                        .logoutSuccessHandler(
                                (request, response, who) -> response.setStatus(HttpServletResponse.SC_NO_CONTENT)))
                .exceptionHandling(
                        errors -> errors.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .frameOptions(frame -> frame.sameOrigin()))
                .requestCache(cache -> cache.disable())
                .build();
    }
}
