package nobrec.server.account;

import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.server.api.security.BadgeOfDesk;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.api.security.Permission;
import nobrec.server.api.security.Role;
import nobrec.server.api.security.SignedIn;
import nobrec.server.platform.DemoSettings;
import nobrec.server.site.Sites;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who is signed in; also hands the page its first CSRF token. */
@RestController
@Tag(name = "account")
class WhoController {

    /**
     * @param demo whether this is the demonstration, with a clock of its own
     * @param timeZone of the home site
     * @param desk who has signed in at this desk, while somebody else's badge counts there
     */
    record WhoView(
            boolean signedIn,
            Optional<PersonView> person,
            boolean demo,
            Instant now,
            String timeZone,
            Optional<String> desk) {}

    /** @param site code of one of ours, or ALL */
    record SiteChoice(@NotNull @Size(max = Limits.TEXT) String site) {}

    /** @param permissions what the screens may offer */
    record PersonView(String signIn, String displayName, Role role, List<Permission> permissions) {}

    private final Accounts accounts;
    private final DemoSettings demo;
    private final Sites sites;
    private final Clock clock;

    WhoController(Accounts accounts, DemoSettings demo, Sites sites, Clock clock) {
        this.accounts = accounts;
        this.demo = demo;
        this.sites = sites;
        this.clock = clock;
    }

    /** Which of our sites whoever is signed in looks at from now on. */
    @PutMapping("/api/v1/who/site")
    @ForEveryone
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void lookAt(@Valid @RequestBody SiteChoice choice, Principal who) {
        accounts.lookAt(who.getName(), choice.site());
    }

    @GetMapping("/api/v1/who")
    @PreAuthorize("permitAll()")
    WhoView who(HttpServletRequest request, @Parameter(hidden = true) CsrfToken token) {
        token.getToken();
        Optional<PersonView> person = Optional.ofNullable(request.getUserPrincipal())
                .flatMap(each -> accounts.find(each.getName()))
                .map(user -> new PersonView(
                        user.signIn(),
                        user.displayName(),
                        user.role(),
                        user.role().permissions().stream().filter(SignedIn::may).toList()));
        return new WhoView(
                person.isPresent(),
                person,
                demo.isOn(),
                clock.instant(),
                sites.timeZone(),
                BadgeOfDesk.signedInAt(request).map(accounts::displayName));
    }
}
