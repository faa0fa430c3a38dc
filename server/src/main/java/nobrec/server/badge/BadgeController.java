package nobrec.server.badge;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import nobrec.core.limit.Limits;
import nobrec.server.api.security.BadgeOfDesk;
import nobrec.server.api.security.ForEveryone;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Badges, and whose counts at this desk. */
@RestController
@RequestMapping("/api/v1/badge")
@Tag(name = "badges")
class BadgeController {

    /** What was scanned, as it was. */
    record BadgeScan(@NotNull @Size(max = Limits.TEXT) String text) {}

    private final Badges badges;

    BadgeController(Badges badges) {
        this.badges = badges;
    }

    /** Whose badge this is acts from now on, at this desk. */
    @PostMapping
    @ForEveryone
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void take(@Valid @RequestBody BadgeScan scan, Principal who, HttpServletRequest request) {
        String desk = BadgeOfDesk.signedInAt(request).orElse(who.getName());
        String signIn = badges.signInOf(scan.text(), desk);
        if (signIn.equals(desk)) {
            BadgeOfDesk.giveBack(request);
        } else {
            BadgeOfDesk.take(request, signIn);
        }
    }

    /** Whoever has signed in at this desk acts again. */
    @DeleteMapping
    @ForEveryone
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void giveBack(HttpServletRequest request) {
        BadgeOfDesk.giveBack(request);
    }

    /** A new badge for whoever has signed in, to be printed; the one before it does not count any more. */
    @PostMapping(path = "/card", produces = MediaType.APPLICATION_PDF_VALUE)
    @ForEveryone
    ResponseEntity<byte[]> card(Principal who, HttpServletRequest request) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .body(badges.card(BadgeOfDesk.signedInAt(request).orElse(who.getName())));
    }
}
